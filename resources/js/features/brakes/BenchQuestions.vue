<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Bench, Step } from './api';
import type { OpenBench } from './useBench';

/* What the scorer did not note: nobody's fault, and asked until it is told. */
const props = defineProps<{ on: OpenBench; bench: Bench }>();
const open = computed(() => props.bench.steps.filter(({ outcome }) => outcome === 'not-judged'));
/** A question names the end of the minute or the moment of the step; the reading belongs there. */
function momentOf({ what, at_ms: began, test }: Step): number {
    const at = began ?? 0;
    const ended = props.on.events.value.find(({ kind, at_ms }) => kind === 'minute-ended' && at_ms > at);
    if (test.startsWith('leak')) return what.includes('end') ? (ended?.at_ms ?? at) : at;
    return at;
}
</script>

<template>
    <section v-if="open.length > 0" class="open" aria-label="Not noted" role="status">
        <p v-for="step in open" :key="step.test">
            <strong>{{ step.label }}:</strong> {{ step.what }}
            <NButton :data-answer="step.test" @click="on.recordAt(momentOf(step), { kind: 'reading', ...on.gauges() })"
                >It was {{ on.primary.value }} and {{ on.secondary.value }}</NButton
            >
        </p>
        <p class="quiet">Lay both gauges as they stood then, and press.</p>
    </section>
</template>

<style scoped>
.open {
    display: grid;
    gap: 6px;
    padding: 10px 14px;
    border: 2px dotted var(--part);
    border-radius: 10px;
}
.open p {
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
}
</style>
