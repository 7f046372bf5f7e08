import { onScopeDispose, watch, type ShallowRef } from 'vue';
import type { Loaded } from './useLoad';

const AFTER_MS = 5000;

/** What is still being worked out comes by itself: it is asked for again until it is there. */
export function useLookAgain<T>(
    { loaded, again }: { loaded: ShallowRef<Loaded<T>>; again: () => Promise<void> },
    isOpen: (data: T) => boolean,
): void {
    let later: ReturnType<typeof setTimeout> | undefined;
    watch(loaded, (now) => {
        clearTimeout(later);
        if (now.state === 'ready' && isOpen(now.data)) later = setTimeout(() => void again(), AFTER_MS);
    });
    onScopeDispose(() => clearTimeout(later));
}
