<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import GaugeStep from './GaugeStep.vue';
import type { OpenBench } from './useBench';

/* The stopwatch and the two needles. */
const props = defineProps<{
    on: OpenBench;
    allowed: number | null;
    lowAir: number | undefined;
    silent: boolean;
}>();
const { minute, primary, secondary } = props.on;
const stopwatch = computed(() => {
    const ms = minute.value?.ms ?? 0;
    const seconds = String(Math.floor(ms / 1000) % 60).padStart(2, '0');
    return `${Math.floor(ms / 60_000)}:${seconds}.${Math.floor(ms / 100) % 10}`;
});
</script>

<template>
    <section class="watch" aria-label="Stopwatch and gauges">
        <button
            type="button"
            class="clock"
            :class="{ running: minute?.running }"
            data-test="minute"
            @click="on.toggleMinute"
        >
            <span class="time">{{ stopwatch }}</span>
            <span>{{ minute?.running ? 'Stop the minute' : 'Start the minute' }}&nbsp;<kbd>space</kbd></span>
        </button>
        <p v-if="minute && !silent" class="lost" data-test="lost">
            <strong>{{ minute.lost }} psi</strong> lost<template v-if="allowed !== null">
                of {{ allowed }} allowed</template
            >
        </p>
        <div class="pair">
            <GaugeStep v-model="primary" label="Primary" :low="lowAir" />
            <GaugeStep v-model="secondary" label="Secondary" :low="lowAir" />
        </div>
        <NButton size="large" data-test="reading" @click="on.record({ kind: 'reading', ...on.gauges() })"
            >Record reading&nbsp;<kbd>r</kbd></NButton
        >
    </section>
</template>

<style scoped>
.watch {
    display: grid;
    gap: var(--space-5);
}
.clock {
    display: grid;
    justify-items: center;
    gap: var(--space-2);
    padding: var(--space-5);
    border: 4px solid var(--ink);
    border-radius: var(--round-sheet);
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    font-weight: 700;
    touch-action: manipulation;
}
.clock.running {
    background: var(--ink);
    color: var(--paper);
}
.time {
    font: 800 3.6rem/1 var(--display-face);
    font-variant-numeric: tabular-nums;
}
.lost {
    font-size: var(--size-title);
    margin: 0;
}
.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: var(--space-5);
}
</style>
