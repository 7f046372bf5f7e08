<script setup lang="ts">
import { computed } from 'vue';
import type { Bench } from '@/shared/brakes/api';
import { benchButtons, benchGroups, isOn, keyOf, type BenchButton } from './benchButtons';
import BenchButtons from './BenchButtons.vue';
import PedalClock from './PedalClock.vue';
import { stepAtHand } from '@/shared/brakes/stepAtHand';
import type { OpenBench } from './useBench';

/* One tap for each thing seen: what belongs to the step at hand first and large, the rest behind. */
const props = defineProps<{ on: OpenBench; bench: Bench }>();
const shows = (button: BenchButton): boolean => isOn(button, props.bench);
const atHand = computed(() => stepAtHand(props.bench));
const own = computed(() =>
    (atHand.value?.observed ?? []).flatMap((key) => benchButtons.filter((one) => keyOf(one) === key && shows(one))),
);
const groups = computed(() => benchGroups.map(({ name, buttons }) => ({ name, buttons: buttons.filter(shows) })));
/** The step at hand where it has a limit to be said. */
const limited = computed(() => {
    const step = atHand.value;
    return step !== undefined && (step.low !== null || step.high !== null) ? step : undefined;
});
</script>

<template>
    <section class="seen" aria-label="What happens">
        <PedalClock v-if="atHand?.test === 'pedal-hold'" :on="on" :least="atHand.low" />
        <BenchButtons
            v-if="atHand"
            :name="`Now: ${atHand.label}`"
            :buttons="own"
            :on="on"
            :limited="limited"
            large
            data-test="at-hand"
        />
        <details :open="atHand === undefined">
            <summary>All buttons</summary>
            <BenchButtons v-for="group in groups" :key="group.name" v-bind="group" :on="on" />
        </details>
    </section>
</template>

<style scoped>
.seen {
    display: grid;
    gap: var(--space-6);
    align-content: start;
}
summary {
    min-height: 48px;
    display: grid;
    align-content: center;
    cursor: pointer;
    font-weight: 600;
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    padding: 0 var(--space-6);
}
</style>
