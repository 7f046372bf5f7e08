<script setup lang="ts">
import BenchSteps from '@/features/brakes/BenchSteps.vue';
import { computed, onMounted, useTemplateRef } from 'vue';
import type { Practised } from './api';
import CabTrace from './CabTrace.vue';
import type { CabChoice } from './keptCab';

/* What was right, what broke it, and what to do next. */
const props = defineProps<{ judged: Practised; choice: CabChoice; suspected: string | null }>();
const title = computed(() => {
    if (props.judged.standing === 'passed') return 'Every step is met';
    return props.judged.cause ?? 'Not all steps were done';
});
const head = useTemplateRef('head');
onMounted(() => {
    window.scrollTo(0, 0);
    head.value?.focus({ preventScroll: true });
});
const met = computed(() => props.judged.steps.filter(({ outcome }) => outcome === 'met').length);
const truck = computed(() => {
    const { judged, choice, suspected } = props;
    if (judged.faults === '') return 'The truck was sound.';
    if (choice.suspects.length === 0 || suspected === null) return `What was wrong with this truck: ${judged.faults}.`;
    return suspected === judged.faults
        ? `You found what was wrong with this truck: ${judged.faults}.`
        : `You said that ${suspected}; what was wrong: ${judged.faults}.`;
});
/** First what went wrong, then what was left out: one thing for the next time. */
const next = computed(
    () =>
        props.judged.steps.find(({ outcome }) => outcome === 'broken') ??
        props.judged.steps.find(({ outcome }) => outcome !== 'met'),
);
</script>

<template>
    <section class="result" aria-label="How it went">
        <h1 ref="head" tabindex="-1" data-test="practised">{{ title }}</h1>
        <p>
            {{ met }} of {{ judged.steps.length }} steps met on {{ choice.vehicle.name }}.
            {{ truck }}
        </p>
        <p v-if="next" class="next">
            <strong>Next time, {{ next.label }}:</strong> {{ next.needs.join(', ') }}.
        </p>
        <p v-else-if="choice.help !== 'exam'" class="next">
            <strong>Next:</strong>
            {{ choice.help === 'guided' ? 'the same alone, without the steps told.' : 'the same as in the exam.' }}
        </p>
        <CabTrace :judged="judged" />
        <BenchSteps :bench="judged" :silent="false" :at="next" numbered />
        <p class="quiet">
            Practice {{ judged.practices }} of yours, {{ judged.passed }} passed. It stands in your record apart from
            the walks and counts on no sheet.
        </p>
    </section>
</template>

<style scoped>
.result {
    display: grid;
    gap: 12px;
}
.result p {
    margin: 0;
}
h1::first-letter {
    text-transform: uppercase;
}
.next {
    padding: 12px 16px;
    border-left: 6px double var(--ink);
    background: var(--sunken);
}
</style>
