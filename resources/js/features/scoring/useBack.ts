import { useEventListener } from '@vueuse/core';
import { onBeforeRouteLeave } from 'vue-router';

/**
 * What "back" on the device does on a page of panels: it closes what is open, and asks before it leaves.
 *
 * @param close closes one thing, and tells whether anything was open
 * @param ask asks whether to leave; leaving is then a way of its own
 * @param isOver whether there is nothing to stay for
 */
export function useBack(close: () => boolean, ask: () => void, isOver: () => boolean): void {
    let isBack = false;
    /** A refused step back is taken forward again by the router, which looks like another one. */
    let isRestored = false;
    // Before the router hears of it.
    useEventListener(
        window,
        'popstate',
        () => {
            isBack = !isRestored;
            isRestored = false;
        },
        { capture: true },
    );
    onBeforeRouteLeave(() => {
        const wasBack = isBack;
        isBack = false;
        if (!wasBack || isOver()) return true;
        isRestored = true;
        if (!close()) ask();
        return false;
    });
}
