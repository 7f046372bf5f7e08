import { nextTick, watch } from 'vue';

/** Focus goes back to where it was once what took it is closed: keys must not start again from the top of the page. */
export function useFocusBack(isOpen: () => boolean): void {
    let before: HTMLElement | undefined;

    watch(
        isOpen,
        async (open) => {
            if (open) {
                const now = document.activeElement;
                before = now instanceof HTMLElement && now !== document.body ? now : undefined;
                return;
            }
            await nextTick();
            const isLost = document.activeElement === null || document.activeElement === document.body;
            if (isLost && before?.isConnected === true) before.focus({ preventScroll: true });
        },
        // What opens may take the focus as soon as it is there.
        { flush: 'sync' },
    );
}
