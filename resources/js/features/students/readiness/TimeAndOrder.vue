<script setup lang="ts">
import { day, minutes } from '@/shared/format';
import type { Readiness } from '@/shared/progress/api';
import { computed } from 'vue';

/* How long the walks took and what was out of order, from the first to the last. */
const props = defineProps<{ readiness: Readiness }>();
const walks = computed(() =>
    props.readiness.attempts.map((at, n) => ({
        at,
        seconds: props.readiness.seconds[n] ?? null,
        out: props.readiness.out_of_place[n] ?? null,
    })),
);
const longest = computed(() => Math.max(1, ...walks.value.map(({ seconds }) => seconds ?? 0)));
const clock = (seconds: number | null): string => (seconds === null ? '' : minutes(1000 * seconds));
const last = computed(() => walks.value.at(-1));
const answer = computed(() => {
    if (last.value?.seconds === undefined || last.value.seconds === null) return 'not known yet';
    const allowed = props.readiness.inspection.time_allowed_seconds;
    const kept = allowed === null ? '' : last.value.seconds <= allowed ? ', in time' : ', over time';
    const time = `${clock(last.value.seconds)}${allowed === null ? '' : ` of ${clock(allowed)}`}`;
    return `${time}${kept}, ${last.value.out ?? 0} out of order`;
});
</script>

<template>
    <section v-if="walks.length > 0" data-test="time-and-order">
        <h2>Are time and order kept? Last time {{ answer }}</h2>
        <table class="record-table">
            <thead>
                <tr>
                    <th scope="col">Walk</th>
                    <th scope="col">Took</th>
                    <th scope="col">Out of order</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(walk, n) in walks" :key="n">
                    <th scope="row">{{ day(walk.at) }}</th>
                    <td class="numeral">
                        {{ clock(walk.seconds) }}
                        <span class="bar" :style="{ width: `${(100 * (walk.seconds ?? 0)) / longest}%` }" />
                    </td>
                    <td class="numeral">{{ walk.out ?? '' }}</td>
                </tr>
            </tbody>
        </table>
    </section>
</template>

<style scoped>
.bar {
    display: block;
    height: 6px;
    background: var(--quiet);
    border-radius: var(--round-small);
}
tbody th {
    font-weight: 400;
}
</style>
