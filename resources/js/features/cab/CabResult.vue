<script setup lang="ts">
import BenchSteps from '@/features/brakes/BenchSteps.vue';
import { computed } from 'vue';
import type { Practised } from './api';

/* What was right, what broke it, and the course of both pressures with the steps on it. */
const props = defineProps<{ judged: Practised }>();
const WIDE = 900;
const HIGH = 260;
const MOST_PSI = 150;
const end = computed(() => Math.max(1, props.judged.trace.at(-1)?.[0] ?? 1));
const x = (ms: number): number => (WIDE * ms) / end.value;
const y = (psi: number): number => HIGH - (HIGH * psi) / MOST_PSI;
const line = (column: number): string =>
    props.judged.trace.map((row) => `${x(row[0] ?? 0).toFixed(1)},${y(row[column] ?? 0).toFixed(1)}`).join(' ');
const next = computed(() => props.judged.steps.find(({ outcome }) => outcome !== 'met'));
const title = computed(() =>
    props.judged.standing === 'passed'
        ? 'Every step is met'
        : props.judged.standing === 'failed'
          ? (props.judged.cause ?? 'Not passed')
          : 'Not all steps were done',
);
</script>

<template>
    <section class="result" aria-label="How it went">
        <h2 data-test="practised">{{ title }}</h2>
        <p v-if="judged.faults">What was wrong with this truck: {{ judged.faults.replaceAll(':', ' ') }}.</p>
        <p v-if="next">Next time: {{ next.label }}. {{ next.needs.join(', ') }}.</p>
        <p class="quiet">
            Practice {{ judged.practices }}, {{ judged.passed }} of them passed. Practice counts on no sheet.
        </p>
        <figure>
            <figcaption>Did the pressure do what it should? Solid is primary, dashed secondary.</figcaption>
            <svg :viewBox="`-40 -10 ${WIDE + 60} ${HIGH + 40}`" role="img" aria-label="Course of both pressures">
                <g v-for="psi in [0, 60, 100, 120]" :key="psi">
                    <line x1="0" :x2="WIDE" :y1="y(psi)" :y2="y(psi)" class="grid" />
                    <text x="-8" :y="y(psi) + 5" class="axis">{{ psi }}</text>
                </g>
                <polyline :points="line(1)" />
                <polyline :points="line(2)" class="second" />
                <g v-for="step in judged.steps.filter(({ outcome }) => outcome !== 'not-done')" :key="step.test">
                    <text :x="8" :y="0" class="visually-hidden">{{ step.label }}</text>
                </g>
                <text :x="WIDE" :y="HIGH + 24" class="axis">{{ Math.round(end / 1000) }} s</text>
            </svg>
        </figure>
        <BenchSteps :bench="{ steps: judged.steps }" :silent="false" :current="next" />
    </section>
</template>

<style scoped>
.result {
    display: grid;
    gap: 12px;
}
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
}
.grid {
    stroke: var(--line);
}
.axis {
    font: 600 14px var(--text-face);
    fill: var(--quiet);
    text-anchor: end;
}
</style>
