<script setup lang="ts">
import { computed } from 'vue';
import type { Control } from './api';
import type { Cab } from './useCab';

/* The controls of the cab; each shows where it stands. */
const props = defineProps<{ cab: Cab; combination: boolean; handValve: boolean }>();

interface Switch {
    kind: Control['kind'];
    label: string;
    first: string;
    states: [string, string][];
    trailer?: boolean;
    hand?: boolean;
}
const switches: Switch[] = [
    {
        kind: 'chocks',
        label: 'Chocks',
        first: 'out',
        states: [
            ['in', 'set'],
            ['out', 'away'],
        ],
    },
    {
        kind: 'belt',
        label: 'Belt',
        first: 'off',
        states: [
            ['on', 'on'],
            ['off', 'off'],
        ],
    },
    {
        kind: 'key',
        label: 'Key',
        first: 'off',
        states: [
            ['on', 'on'],
            ['off', 'off'],
        ],
    },
    {
        kind: 'engine',
        label: 'Engine',
        first: 'off',
        states: [
            ['on', 'runs'],
            ['off', 'off'],
        ],
    },
    {
        kind: 'tractor-valve',
        label: 'Tractor valve',
        first: 'out',
        states: [
            ['in', 'in'],
            ['out', 'out'],
        ],
    },
    {
        kind: 'trailer-valve',
        label: 'Trailer valve',
        first: 'out',
        states: [
            ['in', 'in'],
            ['out', 'out'],
        ],
        trailer: true,
    },
    {
        kind: 'hand-valve',
        label: 'Hand valve',
        first: 'off',
        states: [
            ['on', 'on'],
            ['off', 'off'],
        ],
        hand: true,
    },
    {
        kind: 'gear',
        label: 'Gear',
        first: 'neutral',
        states: [
            ['low', 'low'],
            ['neutral', 'neutral'],
        ],
    },
];
const shown = computed(() =>
    switches.filter(
        ({ trailer, hand }) => (trailer !== true || props.combination) && (hand !== true || props.handValve),
    ),
);
function flip({ kind, states, first }: Switch): void {
    const at = props.cab.stateOf(kind, first);
    props.cab.touch({ kind, to: (states.find(([to]) => to !== at) ?? states[0])[0] });
}
const wordOf = ({ kind, states, first }: Switch): string =>
    states.find(([to]) => to === props.cab.stateOf(kind, first))?.[1] ?? '';
const pedal = (to: 'down' | 'up'): void => {
    if (props.cab.stateOf('pedal', 'up') !== to) props.cab.touch({ kind: 'pedal', to });
};
const phrases: [string, Omit<Control, 'at_ms'>][] = [
    ['“My reading at the start is …”', { kind: 'said', to: 'start-reading' }],
    ['“My reading at the end is …”', { kind: 'said', to: 'end-reading' }],
    ['“The area is clear.”', { kind: 'said', to: 'area-clear' }],
];
</script>

<template>
    <div class="controls">
        <div class="switches" role="group" aria-label="Controls">
            <button
                v-for="one in shown"
                :key="one.kind"
                type="button"
                class="switch"
                :class="[one.kind, cab.stateOf(one.kind, one.first)]"
                :data-control="one.kind"
                :data-state="cab.stateOf(one.kind, one.first)"
                @click="flip(one)"
            >
                <span>{{ one.label }}</span> <strong>{{ wordOf(one) }}</strong>
            </button>
            <button
                v-for="rpm in [650, 900, 1200]"
                :key="rpm"
                type="button"
                class="switch"
                :disabled="cab.stateOf('engine', 'off') !== 'on'"
                @click="cab.touch({ kind: 'rpm', value: rpm })"
            >
                <span>{{ rpm }} rpm</span>
            </button>
        </div>
        <button
            type="button"
            class="pedal"
            :class="cab.stateOf('pedal', 'up')"
            data-control="pedal"
            :aria-pressed="cab.stateOf('pedal', 'up') === 'down'"
            @click="pedal(cab.stateOf('pedal', 'up') === 'down' ? 'up' : 'down')"
        >
            Foot pedal: <strong>{{ cab.stateOf('pedal', 'up') }}</strong>
        </button>
        <div class="switches" role="group" aria-label="Move">
            <button type="button" class="switch" data-control="tug" @click="cab.touch({ kind: 'tug', to: 'held' })">
                Gentle tug
            </button>
            <button type="button" class="switch" @click="cab.touch({ kind: 'rolling', value: 5 })">
                Roll at 5 mph
            </button>
            <button type="button" class="switch" @click="cab.touch({ kind: 'stopped', to: 'straight' })">
                Stopped
            </button>
        </div>
        <div class="switches" role="group" aria-label="Say">
            <button
                v-for="[text, control] in phrases"
                :key="text"
                type="button"
                class="switch say"
                :data-control="control.to"
                @click="cab.touch(control)"
            >
                {{ text }}
            </button>
        </div>
    </div>
</template>

<style scoped>
.controls {
    display: grid;
    gap: 12px;
}
.switches {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
    gap: 8px;
}
.switch,
.pedal {
    min-height: 60px;
    padding: 6px 10px;
    border: 2px solid var(--line);
    border-radius: 12px;
    background: var(--panel);
    cursor: pointer;
    touch-action: manipulation;
    text-align: start;
}
.switch span,
.switch strong {
    display: block;
}
.switch.on,
.switch.in,
.switch.low,
.pedal.down {
    border: 4px solid var(--ink);
}
/* Shape tells the valves apart as their knobs do. */
.switch.tractor-valve {
    border-radius: 4px;
}
.switch.trailer-valve {
    border-radius: 30px;
    padding-left: 22px;
}
.pedal {
    min-height: 76px;
    font-size: 1.15rem;
    text-align: center;
}
.say {
    grid-column: span 2;
}
</style>
