<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { listScorers, setRight } from './api';

/* A manager gives a walk to another scorer: who began it has left, or the tablet is broken. */
const props = defineProps<{ attempt: string; scorer: number }>();
const emit = defineEmits<{ done: [] }>();
const { loaded } = useLoad(listScorers);
const { busy, why, doing } = useDoing();
const chosen = ref<number | null>(null);
const others = computed(() =>
    loaded.value.state === 'ready' ? loaded.value.data.filter(({ value }) => value !== props.scorer) : [],
);
async function hand(): Promise<void> {
    const isDone = await doing(async () => {
        await setRight(props.attempt, { scorer_id: chosen.value ?? 0, keep: true });
    });
    if (isDone) emit('done');
}
</script>

<template>
    <div class="hand">
        <NamedSelect
            :value="chosen"
            :options="others"
            placeholder="Another scorer"
            data-test="other-scorer"
            :input-props="{ 'aria-label': 'Another scorer' }"
            @update:value="(value: number) => (chosen = value)"
        />
        <NButton :disabled="busy || chosen === null" data-test="hand-over" @click="hand">Hand the walk over</NButton>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </div>
</template>

<style scoped>
.hand {
    display: grid;
    grid-template-columns: minmax(160px, 260px) auto;
    gap: var(--space-3);
    justify-content: start;
}
</style>
