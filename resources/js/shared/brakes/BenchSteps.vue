<script setup lang="ts">
import { computed } from 'vue';
import type { Bench, Step } from './api';
import { stepAtHand } from './stepAtHand';

/* The sequence: how each step stands, and what the one at hand, or the one that is pointed at, asks for. */
const props = defineProps<{
    bench: Pick<Bench, 'steps'>;
    silent: boolean;
    at?: Step | undefined;
    numbered?: boolean;
}>();
const current = computed(() => props.at ?? stepAtHand(props.bench));
const marks = { met: '✓', broken: '✕', 'not-yet': '…', 'not-done': '', 'not-judged': '?' };
/** What is told of a step: how it went, or why it was not done. */
const tells = ({ outcome, what }: Step): boolean => outcome !== 'not-done' || what !== 'not done';
</script>

<template>
    <ol class="steps">
        <li
            v-for="(step, n) in bench.steps"
            :key="step.test"
            :class="[silent ? '' : step.outcome, { current: step.test === current?.test, vehicle: step.of_vehicle }]"
            :data-step="step.test"
            :data-outcome="step.outcome"
        >
            <span class="mark" aria-hidden="true">{{ silent ? '' : marks[step.outcome] }}</span>
            <span>
                <strong>{{ numbered ? `${n + 1}. ` : '' }}{{ step.label }}</strong>
                <span v-if="!silent && tells(step)" class="what"
                    >{{ step.of_vehicle ? 'The vehicle: ' : '' }}{{ step.what }}</span
                >
                <span v-else-if="!silent && step.test === current?.test" class="needs">{{
                    step.needs.join(' · ')
                }}</span>
            </span>
        </li>
    </ol>
</template>

<style scoped>
.steps {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: var(--space-1);
}
li {
    display: grid;
    grid-template-columns: 30px 1fr;
    gap: var(--space-3);
    padding: var(--space-3) var(--space-4);
    border-left: 6px solid var(--line);
}
li.current {
    border-left: 6px double var(--ink);
    background: var(--sunken);
}
li.met {
    border-left-color: var(--strong);
}
li.broken {
    border-left: 6px dashed var(--lost);
}
li.vehicle {
    border-left-style: dotted;
}
li.not-judged {
    border-left: 6px dotted var(--part);
}
.mark {
    font-weight: 700;
    font-size: 1.2em;
}
.what,
.needs {
    display: block;
}
.needs {
    color: var(--quiet);
}
</style>
