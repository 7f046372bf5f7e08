const WAIT_MS = 5000;

/** Moves the focus to the heading of a page once it is there, so that a screen reader begins at the new page. */
export function focusHeading(): void {
    const before = document.querySelector('main h1, main h2');
    const observer = new MutationObserver(look);
    const timer = setTimeout(() => observer.disconnect(), WAIT_MS);
    function look(): void {
        const heading = document.querySelector<HTMLElement>('main h1, main h2');
        if (heading === null || heading === before) return;
        observer.disconnect();
        clearTimeout(timer);
        // Whoever is typing already is not interrupted.
        if (document.activeElement instanceof HTMLInputElement) return;
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
    }
    observer.observe(document.body, { childList: true, subtree: true });
}
