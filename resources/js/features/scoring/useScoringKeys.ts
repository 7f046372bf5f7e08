import { useEventListener } from '@vueuse/core';
import { tileOf } from './tileKeys';

/** Every key of the scoring screen, in one place; the screen shows each where it acts. */
export function useScoringKeys(act: {
    tile: (index: number) => void;
    open: (index: number) => void;
    next: () => void;
    previous: () => void;
    undo: () => void;
    note: () => void;
    close: () => void;
    enabled: () => boolean;
}): void {
    useEventListener('keydown', (event: KeyboardEvent) => {
        const typing =
            event.target instanceof HTMLElement && event.target.matches('input, textarea, [contenteditable]');
        if (event.key === 'Escape') return act.close();
        if (typing || event.altKey || event.metaKey || !act.enabled()) return;
        const key = event.key.toLowerCase();
        const chosen = choose(event, key, act);
        if (chosen === undefined) return;
        event.preventDefault();
        chosen();
    });
}

function choose(
    event: KeyboardEvent,
    key: string,
    act: Parameters<typeof useScoringKeys>[0],
): (() => void) | undefined {
    if (key === 'z' || key === 'backspace') return act.undo;
    if (event.ctrlKey) return undefined;
    if (key === '.' || key === 'arrowright') return act.next;
    if (key === ',' || key === 'arrowleft') return act.previous;
    if (key === 'n') return act.note;
    // With Shift the digit keys send other characters, so the key itself is asked.
    const plain = event.shiftKey ? event.code.replace(/^(Digit|Key)/, '') : key;
    const tile = tileOf(plain);
    if (tile < 0) return undefined;
    return event.shiftKey ? () => act.open(tile) : () => act.tile(tile);
}
