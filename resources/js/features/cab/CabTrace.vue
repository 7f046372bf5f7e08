<script setup lang="ts">
import { minutes } from '@/shared/format';
import { computed } from 'vue';
import type { Practiced } from './api';

/* The course of both pressures with the steps on it, numbered as in the list below. */
const props = defineProps<{ judged: Practiced }>();
const WIDE = 1000;
const HIGH = 240;
const MOST_PSI = 150;
/** Closer than this two pressures cannot be told apart on the left. */
const APART_PSI = 10;
/** Numbers that would stand on each other go one row higher. */
const CLOSE = 26;
const end = computed(() => Math.max(1, props.judged.trace.at(-1)?.[0] ?? 1));
const x = (ms: number): number => (WIDE * ms) / end.value;
const y = (psi: number): number => HIGH - (HIGH * psi) / MOST_PSI;
const line = (column: number): string =>
    props.judged.trace.map((row) => `${x(row[0] ?? 0).toFixed(1)},${y(row[column] ?? 0).toFixed(1)}`).join(' ');
const steps = computed(() => {
    const placed: { number: number; label: string; at: number; row: number; broken: boolean }[] = [];
    const begun = props.judged.steps
        .map((step, n) => ({ step, number: n + 1 }))
        .filter(({ step }) => step.at_ms !== null)
        .sort((a, b) => (a.step.at_ms ?? 0) - (b.step.at_ms ?? 0));
    for (const { step, number } of begun) {
        const at = x(step.at_ms ?? 0);
        const row = placed.filter((other) => at - other.at < CLOSE).length % 3;
        placed.push({ number, label: step.label, at, row, broken: step.outcome === 'broken' });
    }
    return placed;
});
/** The limits of the sequence that are pressures, where they do not stand on each other. */
const levels = computed(() => {
    const limits = props.judged.steps.flatMap(({ low, high }) => [low, high]).filter((psi) => psi !== null);
    return [...limits, 0, 100]
        .filter((psi) => psi === 0 || (psi > APART_PSI && psi < MOST_PSI))
        .sort((a, b) => a - b)
        .filter((psi, n, all) => n === 0 || psi - (all[n - 1] ?? 0) >= APART_PSI);
});
const times = computed(() => [0.25, 0.5, 0.75, 1].map((share) => share * end.value));
const told = computed(() => {
    const primary = props.judged.trace.map((row) => row[1] ?? 0);
    const [first, most, least] = [primary[0] ?? 0, Math.max(0, ...primary), Math.min(...primary)].map(Math.round);
    return `Pressure went from ${first} psi up to ${most} and down to ${least} in ${minutes(end.value)}.`;
});
</script>

<template>
    <figure v-if="judged.trace.length > 1">
        <figcaption>{{ told }} The full line is primary, the broken one secondary.</figcaption>
        <svg :viewBox="`-44 -70 ${WIDE + 70} ${HIGH + 104}`" role="img" :aria-label="told">
            <g v-for="psi in levels" :key="psi">
                <line x1="0" :x2="WIDE" :y1="y(psi)" :y2="y(psi)" class="grid" />
                <text x="-8" :y="y(psi) + 5" class="axis">{{ psi }}</text>
            </g>
            <text v-for="ms in times" :key="ms" :x="x(ms)" :y="HIGH + 22" class="axis">{{ minutes(ms) }}</text>
            <g v-for="step in steps" :key="step.number" :class="{ broken: step.broken }">
                <title>{{ step.label }}</title>
                <line :x1="step.at" :x2="step.at" :y1="-12 - step.row * 18" :y2="HIGH" class="step" />
                <text :x="step.at" :y="-18 - step.row * 18" class="number">
                    {{ step.number }}{{ step.broken ? ' ✕' : '' }}
                </text>
            </g>
            <polyline :points="line(1)" />
            <polyline :points="line(2)" class="second" />
        </svg>
    </figure>
</template>

<style scoped>
figure {
    margin: 0;
}
polyline {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
}
polyline.second {
    stroke-dasharray: 8 6;
    stroke: var(--strong);
}
.grid {
    stroke: var(--line);
}
.step {
    stroke: var(--quiet);
    stroke-dasharray: 2 5;
    stroke-width: 2;
}
.broken .step {
    stroke: var(--lost);
    stroke-dasharray: 7 4;
}
.axis,
.number {
    font: 600 14px var(--text-face);
    fill: var(--quiet);
    text-anchor: end;
}
.number {
    fill: var(--ink);
    font-weight: 800;
    text-anchor: middle;
}
.broken .number {
    fill: var(--lost);
}
</style>
