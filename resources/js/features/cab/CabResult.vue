<script setup lang="ts">
import BenchSteps from '@/shared/brakes/BenchSteps.vue';
import { computed, onMounted, useTemplateRef } from 'vue';
import type { Practiced } from './api';
import CabTrace from './CabTrace.vue';
import type { CabChoice } from './keptCab';
import { doneRight, nextTime, titleOf, truckOf } from './practicedWords';

/* What was right, what broke it, and what to do next; on a truck with a fault, the diagnosis beside it. */
const props = defineProps<{ judged: Practiced; choice: CabChoice }>();
const title = computed(() => titleOf(props.judged));
const head = useTemplateRef('head');
onMounted(() => {
    window.scrollTo(0, 0);
    head.value?.focus({ preventScroll: true });
});
const right = computed(() => doneRight(props.judged));
const next = computed(() => nextTime(props.judged));
</script>

<template>
    <section class="result" aria-label="How it went">
        <h1 ref="head" tabindex="-1" data-test="practiced">{{ title }}</h1>
        <p>
            {{ right }} of {{ judged.steps.length }} steps {{ judged.diagnosis === null ? 'met' : 'done right' }} on
            {{ choice.vehicle.name }}.
            {{ truckOf(judged) }}
        </p>
        <p v-if="judged.diagnosis && judged.diagnosis.shown_by.length > 0" data-test="shown-by">
            What showed it: {{ judged.diagnosis.shown_by.join('; ') }}.
        </p>
        <p v-if="judged.diagnosis" data-test="told-apart">
            How to tell it from its neighbors: {{ judged.diagnosis.told_apart }}
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
    gap: var(--space-5);
}
.result p {
    margin: 0;
}
h1::first-letter {
    text-transform: uppercase;
}
.next {
    padding: var(--space-5) var(--space-6);
    border-left: 6px double var(--ink);
    background: var(--sunken);
}
</style>
