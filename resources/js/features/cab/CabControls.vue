<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import { stepAtHand } from '@/shared/brakes/stepAtHand';
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
/** Where the step at hand wants the controls. They stay in their places, as in a cab; what has to move is marked. */
const wanted = computed(() => {
    const step = props.cab.guide.value === undefined ? undefined : stepAtHand(props.cab.guide.value);
    const first = new Map<string, string>();
    for (const key of step?.observed ?? []) {
        const [kind, to] = key.split(':');
        if (kind !== undefined && to !== undefined && !first.has(kind)) first.set(kind, to);
    }
    return first;
});
const moves = (one: CabSwitch): boolean => (wanted.value.get(one.kind) ?? at(one)) !== at(one);
const down = computed(() => props.cab.stateOf('pedal', 'up') === 'down');
</script>

<template>
    <div class="controls">
        <div class="switches" role="group" aria-label="Controls">
            <TapButton
                v-for="one in shown"
                :key="one.kind"
                class="switch"
                :class="[one.kind, { moves: moves(one) }]"
                :on="at(one) !== one.states[0][0]"
                :data-control="one.kind"
                :data-state="at(one)"
                @click="cab.touch({ kind: one.kind, to: one.states[at(one) === one.states[0][0] ? 1 : 0][0] })"
            >
                <span
                    >{{ one.label }} <kbd>{{ one.letter }}</kbd></span
                >
                <strong>{{ word(one) }}</strong>
                <span v-if="moves(one)" class="visually-hidden">, this step moves it</span>
            </TapButton>
        </div>
        <div class="row speeds" role="group" aria-label="Engine speed">
            <TapButton
                v-for="(rpm, n) in cabSpeeds"
                :key="rpm"
                :on="runs && speed === rpm"
                :disabled="!runs"
                :aria-pressed="runs && speed === rpm"
                :data-rpm="rpm"
                @click="cab.touch({ kind: 'rpm', value: rpm })"
            >
                {{ rpm }} rpm <kbd>{{ n + 1 }}</kbd>
            </TapButton>
        </div>
        <div class="foot">
            <TapButton
                class="pedal"
                :on="down"
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
            </TapButton>
            <label class="stays"
                ><input v-model="stays" type="checkbox" data-test="stays" /> Foot stays where it is</label
            >
        </div>
        <div class="row" role="group" aria-label="Move">
            <TapButton v-for="move in cabMoves" :key="move.id" :data-control="move.id" @click="cab.touch(move.control)">
                {{ move.label }} <kbd>{{ move.letter }}</kbd>
            </TapButton>
        </div>
    </div>
</template>

<style scoped>
.controls {
    display: grid;
    gap: var(--space-4);
}
.switches {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: var(--space-3);
}
.row {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: var(--space-3);
}
.controls :deep(.tap) {
    text-align: start;
}
.switch strong {
    display: block;
    font-size: var(--size-strong);
}
/* To be moved in the step at hand. */
.switch.moves {
    box-shadow: inset 10px 0 0 var(--late);
    padding-left: var(--space-8);
}
/* The two valves are told apart by feel: one has corners, one has none. */
.switch.tractor-valve {
    border-radius: 0;
    border-width: 3px;
}
.switch.trailer-valve {
    border-radius: 32px;
    border-width: 3px;
    padding-left: var(--space-8);
}
.foot {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: var(--space-3) var(--space-5);
    align-items: center;
}
.controls :deep(.pedal) {
    min-height: 72px;
    font-size: var(--size-strong);
    text-align: center;
    user-select: none;
    touch-action: none;
}
.stays {
    display: flex;
    gap: var(--space-3);
    align-items: center;
    min-height: 48px;
}
.stays input {
    width: 26px;
    height: 26px;
    accent-color: var(--strong);
}
</style>
