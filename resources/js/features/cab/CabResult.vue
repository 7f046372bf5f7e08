<script setup lang="ts">
import BenchSteps from '@/features/brakes/BenchSteps.vue';
import { computed, onMounted, useTemplateRef } from 'vue';
import type { Practised } from './api';
import CabTrace from './CabTrace.vue';
import type { CabChoice } from './keptCab';

/* What was right, what broke it, and what to do next; on a truck with a fault, the diagnosis beside it. */
const props = defineProps<{ judged: Practised; choice: CabChoice }>();
const title = computed(() => {
    const { standing, cause, diagnosis } = props.judged;
    if (diagnosis?.found === true) return 'You found what was wrong with this truck';
    if (standing === 'passed') return diagnosis === null ? 'Every step is met' : 'Every step was done right';
    return cause ?? 'Not all steps were done';
});
const head = useTemplateRef('head');
onMounted(() => {
    window.scrollTo(0, 0);
    head.value?.focus({ preventScroll: true });
});
const met = computed(() => props.judged.steps.filter(({ outcome }) => outcome === 'met').length);
const truck = computed(() => {
    const { diagnosis } = props.judged;
    if (diagnosis === null) return 'The truck was sound.';
    const { fault, found, suspected } = diagnosis;
    if (found === true) return `It was this: ${fault}.`;
    if (found === null || suspected === null) return `What was wrong with this truck: ${fault}.`;
    return `You said that ${suspected}; what was wrong: ${fault}.`;
});
/** First what the student broke, then what was left out; what was done right is no lesson. */
const next = computed(
    () =>
        props.judged.steps.find(({ outcome, of_vehicle: of }) => outcome === 'broken' && !of) ??
        props.judged.steps.find(({ outcome, what }) => outcome === 'not-done' && what !== 'not done') ??
        (props.judged.diagnosis?.found === true
            ? undefined
            : props.judged.steps.find(({ outcome, of_vehicle: of }) => outcome !== 'met' && !of)),
);
/** What the truck did was found by a step that was done right. */
const right = computed(() => met.value + props.judged.steps.filter(({ of_vehicle: of }) => of).length);
</script>

<template>
    <section class="result" aria-label="How it went">
        <h1 ref="head" tabindex="-1" data-test="practised">{{ title }}</h1>
        <p>
            {{ judged.diagnosis === null ? met : right }} of {{ judged.steps.length }} steps
            {{ judged.diagnosis === null ? 'met' : 'done right' }} on {{ choice.vehicle.name }}.
            {{ truck }}
        </p>
        <p v-if="judged.diagnosis && judged.diagnosis.shown_by.length > 0" data-test="shown-by">
            What showed it: {{ judged.diagnosis.shown_by.join('; ') }}.
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
