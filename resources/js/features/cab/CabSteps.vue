<script setup lang="ts">
import BenchSteps from '@/shared/brakes/BenchSteps.vue';
import { stepAtHand } from '@/shared/brakes/stepAtHand';
import { computed } from 'vue';
import type { Practiced } from './api';

/* Guided: the step at hand large with all that it asks, the rest of the sequence behind. */
const props = defineProps<{ guide: Practiced; restartsLeft: number }>();
const now = computed(() => stepAtHand(props.guide));
const met = computed(() => props.guide.steps.filter(({ outcome }) => outcome === 'met').length);
const broken = computed(() => props.guide.steps.filter(({ outcome, of_vehicle: of }) => outcome === 'broken' && !of));
</script>

<template>
    <section class="guide" aria-label="The steps">
        <section v-if="now" class="now" data-test="at-hand">
            <h2>Now: {{ now.label }}</h2>
            <ul>
                <li v-for="need in now.needs" :key="need">{{ need }}</li>
            </ul>
            <p v-if="now.outcome !== 'not-done'">{{ now.what }}</p>
        </section>
        <div v-for="step in broken" :key="step.test" class="alert" role="status">{{ step.label }}: {{ step.what }}</div>
        <p v-if="broken.length > 0" class="quiet">
            {{
                restartsLeft > 0
                    ? 'A step failed. Restart the brake tests, or go on to see the rest.'
                    : 'A step failed: an examiner might stop here. Go on to see the rest.'
            }}
        </p>
        <details :open="now === undefined">
            <summary>All steps, {{ met }} of {{ guide.steps.length }} met</summary>
            <BenchSteps :bench="guide" :silent="false" />
        </details>
    </section>
</template>

<style scoped>
.guide {
    display: grid;
    gap: var(--space-4);
}
.now {
    border-left: 8px double var(--ink);
    background: var(--sunken);
    border-radius: 0 var(--round-large) var(--round-large) 0;
    padding: var(--space-5) var(--space-6);
}
ul {
    margin: var(--space-3) 0 0;
    padding-left: 1.2em;
    columns: 2 180px;
    font-size: var(--size-strong);
}
</style>
