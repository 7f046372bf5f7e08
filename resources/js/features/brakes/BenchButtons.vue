<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import type { Step } from '@/shared/brakes/api';
import { keyOf, type BenchButton } from './benchButtons';
import type { OpenBench } from './useBench';

/* A group of buttons, each for one thing seen or heard. */
const props = defineProps<{
    name: string;
    buttons: BenchButton[];
    on: OpenBench;
    /** The step whose limit can be said here. */
    limited?: Step | undefined;
    large?: boolean;
}>();
const pressed = ({ kind, to }: BenchButton): boolean => to !== undefined && props.on.stateOf(kind) === to;
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
    <div role="group" :aria-label="name">
        <h2>{{ name }}</h2>
        <div class="taps" :class="{ large }">
            <TapButton
                v-for="button in buttons"
                :key="button.label"
                :on="pressed(button)"
                :aria-pressed="pressed(button)"
                :data-seen="keyOf(button)"
                @click="press(button)"
            >
                {{ button.label }}
            </TapButton>
            <TapButton
                v-if="limited"
                data-seen="said:limit"
                @click="on.record({ kind: 'said', to: 'limit', test: limited.test })"
                >Limit said</TapButton
            >
        </div>
    </div>
</template>

<style scoped>
h2 {
    font-size: 1rem;
    margin: var(--space-3) 0 var(--space-1);
}
.taps {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
    gap: var(--space-2);
}
.large {
    grid-template-columns: repeat(auto-fill, minmax(148px, 1fr));
    gap: var(--space-4);
}
.large > * {
    min-height: 72px;
    font-size: var(--size-strong);
}
</style>
