<script setup lang="ts">
import { useNow } from '@vueuse/core';
import { computed } from 'vue';
import type { OpenBench } from './useBench';

/* How long a hydraulic pedal is held: five seconds are longer than they feel. */
const props = defineProps<{ on: OpenBench; least: number | null }>();
const now = useNow({ interval: 100 });
const pressed = computed(() => {
    const last = props.on.events.value.findLast(({ kind }) => kind === 'pedal' || kind === 'pedal-held');
    return last?.kind === 'pedal' && last.to === 'down' ? last.at_ms : undefined;
});
const seconds = computed(() =>
    pressed.value === undefined ? undefined : Math.max(0, (props.on.atMs(now.value) - pressed.value) / 1000),
);
</script>

<template>
    <p class="held" role="timer" data-test="pedal-clock">
        <strong>{{ seconds === undefined ? '0.0' : seconds.toFixed(1) }} s</strong> pedal down<template
            v-if="least !== null"
            >, {{ least }} asked</template
        >
    </p>
</template>

<style scoped>
.held {
    margin: 0;
    padding: var(--space-4) var(--space-5);
    border: 3px solid var(--line);
    border-radius: var(--round-large);
    font-size: var(--size-title);
}
strong {
    font-variant-numeric: tabular-nums;
}
</style>
