<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { dayOfYear, daysFrom, minutes, percent, timeOfDay } from '@/shared/format';
import { standings } from '@/shared/standing';
import { computed } from 'vue';

const props = defineProps<{ attempt: Schemas['AttemptCardResource']; showStudent?: boolean }>();
const standing = computed(() => (props.attempt.standing === null ? undefined : standings[props.attempt.standing]));
const isUnderWay = computed(() => props.attempt.status === 'under_way');
const target = computed(() => ({
    name: isUnderWay.value ? 'walk' : 'result',
    params: { id: props.attempt.id },
}));
</script>

<template>
    <RouterLink :to="target" class="row">
        <span class="share numeral">{{ attempt.permille === null ? '…' : percent(attempt.permille) }}</span>
        <span class="what">
            <strong>{{
                showStudent ? attempt.student : `${dayOfYear(attempt.started_at)}, ${daysFrom(attempt.started_at)}`
            }}</strong>
            <span class="quiet">
                {{ attempt.vehicle }}<template v-if="showStudent">, {{ daysFrom(attempt.started_at) }}</template>
                <template v-if="isUnderWay">, since {{ timeOfDay(attempt.started_at) }}</template>
                <template v-if="isUnderWay && attempt.place">, at {{ attempt.place }}</template>
                <template v-if="attempt.duration_ms !== null">, took {{ minutes(attempt.duration_ms) }}</template>
                by {{ attempt.scorer }}
            </span>
            <span v-if="attempt.reason" class="reason">{{ attempt.reason }}</span>
        </span>
        <span class="verdict" :style="{ color: standing ? `var(${standing.token})` : undefined }">
            {{ standing ? standing.word : isUnderWay ? 'Go on' : 'Discarded' }}
        </span>
    </RouterLink>
</template>

<style scoped>
.row {
    display: grid;
    grid-template-columns: 5.2rem 1fr auto;
    align-items: center;
    gap: var(--space-5);
    min-height: 60px;
    padding: var(--space-3) var(--space-1);
    border-bottom: 1px solid var(--line);
    color: inherit;
    text-decoration: none;
}
.row:hover strong {
    text-decoration: underline;
}
.share {
    font-size: var(--size-title);
}
.what {
    display: grid;
    line-height: 1.3;
    min-width: 0;
}
.reason {
    font-size: var(--size-small);
    font-weight: 600;
}
.what .quiet {
    font-size: var(--size-small);
}
.verdict {
    font-weight: 700;
    white-space: nowrap;
}
</style>
