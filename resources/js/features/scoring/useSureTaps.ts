import { useEventListener } from '@vueuse/core';
import type { MaybeRefOrGetter } from 'vue';

/** A thumb that rests moves less than this. */
const REST_PX = 12;
/** The browser's own click of a tap comes within this time, if it comes. */
const CLICK_MS = 700;

/**
 * Browsers take the first tap after a stroke for the end of a fling and send no click for it; a scorer at speed would
 * lose the mark. A touch that rests on a button is that button's tap, whatever the browser thinks of it.
 */
export function useSureTaps(root: MaybeRefOrGetter<HTMLElement | null | undefined>): void {
    let began: { button: HTMLElement; x: number; y: number; pointer: number } | undefined;
    /** Taps answered already: their click, which may meet another button by now, is not to count again. */
    let answered: { x: number; y: number; at: number }[] = [];

    const buttonOf = (event: Event): HTMLElement | null =>
        event.target instanceof Element ? event.target.closest<HTMLElement>('button') : null;

    useEventListener(root, 'pointerdown', (event: PointerEvent) => {
        const button = buttonOf(event);
        began =
            event.pointerType !== 'touch' || button === null
                ? undefined
                : { button, x: event.clientX, y: event.clientY, pointer: event.pointerId };
    });
    useEventListener(root, 'pointercancel', () => (began = undefined));
    useEventListener(root, 'pointerup', (event: PointerEvent) => {
        const tap = began;
        began = undefined;
        if (tap === undefined || tap.pointer !== event.pointerId) return;
        const isStill = Math.hypot(event.clientX - tap.x, event.clientY - tap.y) <= REST_PX;
        if (!isStill || buttonOf(event) !== tap.button || tap.button.matches(':disabled')) return;
        answered = [...answered, { x: event.clientX, y: event.clientY, at: event.timeStamp }];
        tap.button.click();
    });
    useEventListener(
        root,
        'click',
        (event: MouseEvent) => {
            if (!event.isTrusted) return;
            answered = answered.filter(({ at }) => event.timeStamp - at < CLICK_MS);
            const known = answered.findIndex(({ x, y }) => Math.hypot(event.clientX - x, event.clientY - y) < REST_PX);
            if (known < 0) return;
            answered = answered.toSpliced(known, 1);
            event.stopImmediatePropagation();
            event.preventDefault();
        },
        { capture: true },
    );
}
