<script setup lang="ts">
import { NButton } from 'naive-ui';

/* How sure is sure enough to accept at once? */
const threshold = defineModel<number>('threshold', { required: true });
const only = defineModel<'open' | 'all'>('only', { required: true });
defineProps<{ above: number; busy: string; mayClose: boolean }>();
defineEmits<{ accept: []; other: []; close: [] }>();
</script>

<template>
    <section class="bar" aria-label="Accept many">
        <label class="slide"
            ><span
                >At least <strong class="numeral">{{ threshold }}%</strong> sure</span
            >
            <input v-model.number="threshold" type="range" min="40" max="98" step="2" />
        </label>
        <NButton
            type="primary"
            size="large"
            data-test="accept-above"
            :disabled="above === 0 || busy !== ''"
            @click="$emit('accept')"
            >Accept {{ above }}</NButton
        >
        <NButton size="large" @click="only = only === 'all' ? 'open' : 'all'">{{
            only === 'all' ? 'Show open proposals' : 'Show all'
        }}</NButton>
        <NButton size="large" quaternary @click="$emit('other')">Other captions</NButton>
        <NButton
            size="large"
            quaternary
            data-test="close-walk"
            :disabled="busy !== '' || !mayClose"
            @click="$emit('close')"
            >Close the walk</NButton
        >
        <span v-if="busy" role="status" class="quiet">{{ busy }}</span>
    </section>
</template>

<style scoped>
.bar {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-5);
    align-items: center;
    position: sticky;
    top: 0;
    z-index: 2;
    background: var(--paper);
    padding: var(--space-3) 0;
    border-bottom: 2px solid var(--line);
}
.slide {
    display: grid;
    gap: var(--space-1);
    width: 240px;
}
.slide input {
    width: 100%;
    min-height: 36px;
    accent-color: var(--strong);
}
@media (max-width: 900px) {
    .bar {
        position: static;
    }
}
</style>
