<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { computed, onMounted, ref } from 'vue';

/* The figure as the student said it; the checklist judges it. */
const props = defineProps<{ figure: Schemas['FigureResource'] }>();
const emit = defineEmits<{ heard: [value: number]; close: [] }>();
const text = ref('');
const field = ref<HTMLInputElement>();
onMounted(() => field.value?.focus());

/** "4", "0.75", "3/4" or "1 1/2". */
const value = computed(() => {
    const match = /^\s*(?:(\d+(?:\.\d{1,3})?)|(?:(\d+)\s+)?(\d+)\/(\d+))\s*$/.exec(text.value.replace(',', '.'));
    if (match === null) return undefined;
    if (match[1] !== undefined) return Number(match[1]);
    const [whole, part, of] = [Number(match[2] ?? 0), Number(match[3]), Number(match[4])];
    return of === 0 ? undefined : Math.round((whole + part / of) * 1000) / 1000;
});

function keep(): void {
    if (value.value !== undefined) emit('heard', value.value);
}
</script>

<template>
    <form class="figure" @submit.prevent="keep" @keydown.esc.stop="$emit('close')">
        <label for="figure-said">Said, in {{ props.figure.unit }}</label>
        <input
            id="figure-said"
            ref="field"
            v-model="text"
            inputmode="decimal"
            autocomplete="off"
            placeholder="as 4, 0.75 or 3/4"
            data-test="figure-said"
        />
        <NButton attr-type="submit" type="primary" :disabled="value === undefined">Save</NButton>
    </form>
</template>

<style scoped>
.figure {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
}
label {
    font-weight: 600;
}
input {
    flex: 1;
    min-width: 120px;
    min-height: 48px;
    font: inherit;
    color: inherit;
    background: var(--paper);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    padding: 0 var(--space-5);
}
</style>
