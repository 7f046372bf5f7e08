import { ref, type Ref } from 'vue';

const AFTER_MS = 80;
/** A fast thumb is seen every 20 or 30 px only; what lies between two sightings is looked up in such steps. */
const STEP_PX = 8;

export interface Sweep {
    swept: Ref<Set<string>>;
    begin: (event: PointerEvent, id: string) => void;
    pass: (event: PointerEvent) => void;
    end: () => void;
    /** The click that some browsers send after a stroke is none. */
    justSwept: () => boolean;
}

/**
 * One stroke of the thumb over neighbors that carry the attribute takes all that it crosses, as one action. A stroke
 * that stays on one of them is a tap there.
 */
export function useSweep(attribute: string, done: (ids: string[]) => void): Sweep {
    const swept = ref(new Set<string>());
    let from: { x: number; y: number } | undefined;
    let sweptAt = -Infinity;

    function take(x: number, y: number): void {
        const id = document.elementFromPoint(x, y)?.closest(`[${attribute}]`)?.getAttribute(attribute);
        if (id !== undefined && id !== null && !swept.value.has(id)) swept.value = new Set([...swept.value, id]);
    }

    return {
        swept,
        begin(event, id) {
            if (event.button !== 0) return;
            from = { x: event.clientX, y: event.clientY };
            swept.value = new Set([id]);
        },
        pass(event) {
            if (from === undefined) return;
            const [dx, dy] = [event.clientX - from.x, event.clientY - from.y];
            const steps = Math.max(1, Math.ceil(Math.hypot(dx, dy) / STEP_PX));
            for (let n = 1; n <= steps; n++) take(from.x + (dx * n) / steps, from.y + (dy * n) / steps);
            from = { x: event.clientX, y: event.clientY };
        },
        end() {
            if (from === undefined) return;
            from = undefined;
            const ids = [...swept.value];
            swept.value = new Set();
            if (ids.length < 2) return;
            sweptAt = performance.now();
            done(ids);
        },
        justSwept: () => performance.now() - sweptAt < AFTER_MS,
    };
}
