/** Longer than a tap: meant. */
const HOLD_MS = 600;

/** Tells a hold from a tap on the same button; a click that ends a hold is none. */
export function useHold<T>(held: (of: T) => void) {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let wasHeld = false;
    return {
        down(of: T): void {
            wasHeld = false;
            clearTimeout(timer);
            timer = setTimeout(() => {
                wasHeld = true;
                held(of);
            }, HOLD_MS);
        },
        up: (): void => clearTimeout(timer),
        justHeld: (): boolean => wasHeld,
    };
}
