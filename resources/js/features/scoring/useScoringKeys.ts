import { useEventListener } from '@vueuse/core';
import { pointOf, tileOf } from './tileKeys';

export interface KeyActs {
    tile: (index: number) => void;
    half: (index: number, nth: number) => void;
    next: () => void;
    previous: () => void;
    lookNext: () => void;
    lookPrevious: () => void;
    undo: () => void;
    redo: () => void;
    inPart: () => void;
    note: () => void;
    lookAgain: () => void;
    offList: () => void;
    same: () => void;
    pause: () => void;
    keys: () => void;
    close: () => unknown;
    /** A letter typed, one taken back, what is found marked whole, or its points opened. */
    type: (letter: string) => void;
    erase: () => boolean;
    markFound: () => boolean;
    openFound: () => boolean;
    /** Whether an item's points are open, so that letters mark them. */
    pointsOpen: () => boolean;
    point: (index: number) => void;
    enabled: () => boolean;
}

/** Every key that is not a letter, a digit or Enter, with what it does: the sheet of keys shows these. */
export const commands: { keys: string[]; shown: string; does: string; act: keyof KeyActs }[] = [
    { keys: ['.', 'ArrowRight'], shown: '.', does: 'On to the next place', act: 'next' },
    { keys: [',', 'ArrowLeft'], shown: ',', does: 'Back to the place before', act: 'previous' },
    { keys: ['PageDown'], shown: 'PgDn', does: 'Look at the next place; the student stays', act: 'lookNext' },
    { keys: ['PageUp'], shown: 'PgUp', does: 'Look at the place before', act: 'lookPrevious' },
    {
        keys: ['/'],
        shown: '/',
        does: 'Said in part: the item found, or the one whose points are open',
        act: 'inPart',
    },
    { keys: [';'], shown: ';', does: 'Note', act: 'note' },
    { keys: ["'"], shown: "'", does: 'Flag for debrief', act: 'lookAgain' },
    { keys: ['-'], shown: '-', does: 'Off-topic talk on and off', act: 'offList' },
    { keys: ['='], shown: '=', does: 'The same as another axle or side', act: 'same' },
    { keys: ['\\'], shown: '\\', does: 'Pause the clock, and go on', act: 'pause' },
    { keys: ['?'], shown: '?', does: 'This sheet of keys', act: 'keys' },
];

export function useScoringKeys(acts: KeyActs): void {
    useEventListener('keydown', (event: KeyboardEvent) => {
        const typing =
            event.target instanceof HTMLElement && event.target.matches('input, textarea, [contenteditable]');
        if (event.key === 'Escape') return void acts.close();
        if (typing || event.metaKey || !acts.enabled()) return;
        // Space and Enter on a focused button are that button's, unless letters were typed.
        const done = choose(event, acts);
        if (done) event.preventDefault();
    });
}

/** @returns whether the key meant something here */
function choose(event: KeyboardEvent, acts: KeyActs): boolean {
    const letter = event.key.toLowerCase();
    const tile = tileOf(event);
    if (tile !== undefined && event.altKey) {
        acts.half(tile, event.ctrlKey ? 1 : 0);
        return true;
    }
    if (event.ctrlKey) {
        if (letter === 'z') (event.shiftKey ? acts.redo : acts.undo)();
        else if (letter === 'y') acts.redo();
        else return false;
        return true;
    }
    if (event.key === 'Backspace') {
        if (event.shiftKey) acts.redo();
        else if (!acts.erase()) acts.undo();
        return true;
    }
    if (event.key === 'Enter') return acts.markFound();
    if (event.key === ' ') return acts.openFound();
    if (tile !== undefined) {
        acts.tile(tile);
        return true;
    }
    const command = commands.find(({ keys }) => keys.includes(event.key));
    if (command !== undefined) {
        (acts[command.act] as () => void)();
        return true;
    }
    if (event.altKey || pointOf(letter) < 0) return false;
    if (acts.pointsOpen()) acts.point(pointOf(letter));
    else acts.type(letter);
    return true;
}
