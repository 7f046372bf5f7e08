<script setup lang="ts">
import { percent } from '@/shared/format';
import ProgressChart from '@/shared/ProgressChart.vue';
import { computed } from 'vue';
import type { Result } from './api';

const props = defineProps<{ result: Result }>();
const all = computed(() => [...props.result.earlier, props.result.card].filter((attempt) => attempt.permille !== null));

const answer = computed(() => {
    const before = props.result.earlier.at(-1)?.permille;
    if (before === undefined || before === null) return 'this is the first finished walk.';
    const best = Math.max(...props.result.earlier.map(({ permille }) => permille ?? 0));
    const change = props.result.sheet.permille - before;
    const points = percent(Math.abs(change)).replace('%', '');
    const moved =
        change === 0 ? 'the same as last time' : `${points} points ${change > 0 ? 'more' : 'less'} than last time`;
    return `${moved}${props.result.sheet.permille > best ? ', and the best so far' : ''}.`;
});
</script>

<template>
    <h2>How does it compare? {{ answer }}</h2>
    <ProgressChart v-if="all.length > 1" :attempts="all" :highlight="result.card.id" />
</template>
