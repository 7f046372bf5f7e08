<script setup lang="ts">
import { computed } from 'vue';
import { cabMoves, cabSpeeds, cabSwitches, type CabSwitch } from './cabSwitches';
import type { Cab } from './useCab';
import type { Pedal } from './useCabKeys';

/* The controls of the cab; each shows where it stands and the key that moves it. */
const props = defineProps<{ cab: Cab; pedal: Pedal }>();
const { stays } = props.pedal;
const shown = computed(() => cabSwitches.filter(({ shownOn }) => shownOn?.(props.cab.choice.vehicle) ?? true));
const at = ({ kind, states }: CabSwitch): string => props.cab.stateOf(kind, states[0][0]);
const word = (one: CabSwitch): string => one.states.find(([to]) => to === at(one))?.[1] ?? '';
const runs = computed(() => props.cab.stateOf('engine', 'off') === 'on');
const speed = computed(() => props.cab.controls.value.findLast(({ kind }) => kind === 'rpm')?.value ?? cabSpeeds[0]);
const down = computed(() => props.cab.stateOf('pedal', 'up') === 'down');
</script>

<template>
    <div class="controls">
        <div class="switches" role="group" aria-label="Controls">
            <button
                v-for="one in shown"
                :key="one.kind"
                type="button"
                class="switch"
                :class="[one.kind, { moved: at(one) !== one.states[0][0] }]"
                :data-control="one.kind"
                :data-state="at(one)"
                @click="cab.touch({ kind: one.kind, to: one.states[at(one) === one.states[0][0] ? 1 : 0][0] })"
            >
                <span
                    >{{ one.label }} <kbd>{{ one.letter }}</kbd></span
                >
                <strong>{{ word(one) }}</strong>
            </button>
        </div>
        <div class="row speeds" role="group" aria-label="Engine speed">
            <button
                v-for="(rpm, n) in cabSpeeds"
                :key="rpm"
                type="button"
                class="switch"
                :class="{ moved: runs && speed === rpm }"
                :disabled="!runs"
                :aria-pressed="runs && speed === rpm"
                :data-rpm="rpm"
                @click="cab.touch({ kind: 'rpm', value: rpm })"
            >
                {{ rpm }} rpm <kbd>{{ n + 1 }}</kbd>
            </button>
        </div>
        <div class="foot">
            <button
                type="button"
                class="pedal"
                :class="{ moved: down }"
                data-control="pedal"
                :data-state="down ? 'down' : 'up'"
                :aria-pressed="down"
                @pointerdown="pedal.press"
                @pointerup="pedal.letUp"
                @pointerleave="pedal.letUp"
                @pointercancel="pedal.letUp"
                @click="pedal.click"
            >
                Foot pedal <kbd>p</kbd> <strong>{{ down ? 'down' : 'up' }}</strong>
            </button>
            <label class="stays"
                ><input v-model="stays" type="checkbox" data-test="stays" /> Foot stays where it is</label
            >
        </div>
        <div class="row" role="group" aria-label="Move">
            <button
                v-for="move in cabMoves"
                :key="move.id"
                type="button"
                class="switch"
                :data-control="move.id"
                @click="cab.touch(move.control)"
            >
                {{ move.label }} <kbd>{{ move.letter }}</kbd>
            </button>
        </div>
    </div>
</template>

<style scoped>
.controls {
    display: grid;
    gap: 10px;
}
.switches {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 8px;
}
.row {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 8px;
}
.switch,
.pedal {
    min-height: 56px;
    padding: 6px 12px;
    border: 2px solid var(--line);
    border-radius: 12px;
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    touch-action: manipulation;
    text-align: start;
}
.switch strong {
    display: block;
    font-size: 1.1rem;
}
.switch:disabled {
    color: var(--quiet);
    background: var(--sunken);
    cursor: default;
}
.moved {
    box-shadow: inset 0 0 0 3px var(--ink);
    border-color: var(--ink);
}
/* The two valves are told apart by feel: one has corners, one has none. */
.switch.tractor-valve {
    border-radius: 0;
    border-width: 3px;
}
.switch.trailer-valve {
    border-radius: 32px;
    border-width: 3px;
    padding-left: 26px;
}
.foot {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 8px 14px;
    align-items: center;
}
.pedal {
    min-height: 72px;
    font-size: 1.1rem;
    text-align: center;
    user-select: none;
    touch-action: none;
}
.stays {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 48px;
}
.stays input {
    width: 26px;
    height: 26px;
    accent-color: var(--strong);
}
</style>
