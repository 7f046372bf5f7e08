<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Bench } from '@/shared/brakes/api';
import type { OpenBench } from './useBench';

/* What the scorer did not note: nobody's fault, and asked until it is told. */
const props = defineProps<{ on: OpenBench; bench: Bench }>();
const open = computed(() => props.bench.steps.filter(({ outcome }) => outcome === 'not-judged'));
</script>

<template>
    <section v-if="open.length > 0" class="open" aria-label="Missing readings" role="status">
        <p v-for="step in open" :key="step.test">
            <strong>{{ step.label }}:</strong> {{ step.what }}
            <NButton
                :data-answer="step.test"
                @click="on.recordAt(step.asked_at_ms ?? 0, { kind: step.answered_by ?? 'reading', ...on.gauges() })"
                >It was {{ on.primary.value }} and {{ on.secondary.value }}</NButton
            >
        </p>
        <p class="quiet">Set both gauges to what they showed then, and tap.</p>
    </section>
</template>

<style scoped>
.open {
    display: grid;
    gap: var(--space-2);
    padding: var(--space-4) var(--space-5);
    border: 2px dotted var(--part);
    border-radius: var(--round-middle);
}
.open p {
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
}
</style>
