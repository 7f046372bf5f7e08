<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import { computed } from 'vue';
import type { Bench } from './api';
import { benchGroups, type BenchButton } from './benchButtons';
import type { OpenBench } from './useBench';

/* One tap for each thing seen. */
const props = defineProps<{ on: OpenBench; bench: Bench }>();
const shows = (button: BenchButton): boolean =>
    (button.trailer !== true || props.bench.combination) && (button.hand !== true || props.bench.has_hand_valve);
/** The step at hand that has a limit to be said. */
const limited = computed(() =>
    props.bench.steps.find(
        ({ outcome, low, high }) =>
            (outcome === 'not-yet' || outcome === 'not-done') && (low !== null || high !== null),
    ),
);
const pressed = (button: BenchButton): boolean =>
    button.to !== undefined && props.on.stateOf(button.kind) === button.to;
function press({ kind, to, gauges, value }: BenchButton): void {
    props.on.record({
        kind,
        ...(to === undefined ? {} : { to }),
        ...(value === undefined ? {} : { value }),
        ...(gauges === true ? props.on.gauges() : {}),
    });
}
</script>

<template>
    <section class="seen" aria-label="What happens">
        <div v-for="group in benchGroups" :key="group.name" role="group" :aria-label="group.name">
            <h2>{{ group.name }}</h2>
            <div class="taps">
                <TapButton
                    v-for="button in group.buttons.filter(shows)"
                    :key="button.label"
                    :on="pressed(button)"
                    :aria-pressed="pressed(button)"
                    :data-seen="`${button.kind}:${button.to ?? ''}`"
                    @click="press(button)"
                >
                    {{ button.label }}
                </TapButton>
                <TapButton
                    v-if="group.name === 'Said' && limited"
                    data-seen="said:limit"
                    @click="on.record({ kind: 'said', to: 'limit', test: limited.test })"
                    >Limit: {{ limited.label }}</TapButton
                >
            </div>
        </div>
    </section>
</template>

<style scoped>
.seen {
    display: grid;
    gap: 12px;
}
h2 {
    font-size: 1rem;
    margin-bottom: 4px;
}
.taps {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
    gap: 6px;
}
</style>
