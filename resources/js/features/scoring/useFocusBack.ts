import { watch } from 'vue';

/** Focus goes back to where it was once what took it is closed: keys must not start again from the top of the page. */
export function useFocusBack(isOpen: () => boolean): void {
    let before: HTMLElement | undefined;

    // What opens may take the focus as soon as it is there.
    watch(
        isOpen,
        (open) => {
            const now = document.activeElement;
            if (open) before = now instanceof HTMLElement && now !== document.body ? now : undefined;
        },
        { flush: 'sync' },
    );
    watch(
        isOpen,
        (open) => {
            const isLost = document.activeElement === null || document.activeElement === document.body;
            if (!open && isLost && before?.isConnected === true) before.focus({ preventScroll: true });
        },
        { flush: 'post' },
    );
}
