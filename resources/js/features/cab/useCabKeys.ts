import { useEventListener } from '@vueuse/core';
import { ref, type Ref } from 'vue';
import { cabMoves, cabSpeeds, cabSwitches } from './cabSwitches';
import type { Cab } from './useCab';

export interface Pedal {
    /** Whether the foot stays where it is when the hand lets go: a minute is long to hold a finger down. */
    stays: Ref<boolean>;
    press: () => void;
    letUp: () => void;
    click: (event: MouseEvent) => void;
}

/** The cab by keyboard, and the pedal, which is held rather than switched. */
export function useCabKeys(cab: Cab): { pedal: Pedal } {
    const stays = ref(false);
    const isDown = (): boolean => cab.stateOf('pedal', 'up') === 'down';
    const move = (to: 'down' | 'up'): void => {
        if (isDown() !== (to === 'down')) cab.touch({ kind: 'pedal', to });
    };
    const press = (): void => move(stays.value && isDown() ? 'up' : 'down');
    const letUp = (): void => {
        if (!stays.value) move('up');
    };
    /** From a keyboard or a screen reader a click comes without a pointer: it switches. */
    const click = (event: MouseEvent): void => {
        if (event.detail === 0) move(isDown() ? 'up' : 'down');
    };

    const typing = (event: KeyboardEvent): boolean =>
        event.target instanceof HTMLInputElement && event.target.type !== 'checkbox';
    useEventListener('keydown', (event: KeyboardEvent) => {
        if (typing(event) || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
        const vehicle = cab.choice.vehicle;
        const one = cabSwitches.find(({ letter, shownOn }) => letter === event.key && (shownOn?.(vehicle) ?? true));
        const rpm = cabSpeeds[Number(event.key) - 1];
        const go = cabMoves.find(({ letter }) => letter === event.key);
        if (one !== undefined) {
            const first = one.states[0][0];
            cab.touch({ kind: one.kind, to: one.states[cab.stateOf(one.kind, first) === first ? 1 : 0][0] });
        } else if (event.key === 'p') press();
        else if (event.key === 's')
            cab.touch({ kind: cab.minute.value === undefined ? 'minute-started' : 'minute-ended' });
        else if (rpm !== undefined && cab.stateOf('engine', 'off') === 'on') cab.touch({ kind: 'rpm', value: rpm });
        else if (go !== undefined) cab.touch(go.control);
        else return;
        event.preventDefault();
    });
    useEventListener('keyup', (event: KeyboardEvent) => {
        if (event.key === 'p' && !typing(event)) letUp();
    });

    return { pedal: { stays, press, letUp, click } };
}
