import { onScopeDispose } from 'vue';
import { onBeforeRouteLeave, useRouter } from 'vue-router';

/**
 * What "back" on the device does on a page of panels: it closes what is open, and asks before it leaves.
 *
 * @param close closes one thing, and tells whether anything was open
 * @param ask asks whether to leave; leaving is then a way of its own
 * @param isOver whether there is nothing to stay for
 */
export function useBack(close: () => boolean, ask: () => void, isOver: () => boolean): void {
    let isBack = false;
    // Told in the same breath as the router, whose guards come a moment later; not when it undoes a refused step.
    onScopeDispose(
        useRouter().options.history.listen((_to, _from, { direction }) => {
            isBack = String(direction) === 'back';
        }),
    );
    onBeforeRouteLeave(() => {
        const wasBack = isBack;
        isBack = false;
        if (!wasBack || isOver()) return true;
        if (!close()) ask();
        return false;
    });
}
