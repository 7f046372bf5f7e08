import { ref, type Ref } from 'vue';

const AFTER_MS = 80;

/**
 * One stroke of the thumb down the marks of neighboring tiles marks all that it passes, as one action. A stroke that
 * stays on one tile is a tap there.
 */
export function useSweep(done: (ids: string[]) => void): {
    swept: Ref<Set<string>>;
    begin: (event: PointerEvent, id: string) => void;
    pass: (event: PointerEvent) => void;
    end: () => void;
    /** The click that some browsers send after a stroke is none. */
    justSwept: () => boolean;
} {
    const swept = ref(new Set<string>());
    let stroking = false;
    let sweptAt = -Infinity;

    return {
        swept,
        begin(event, id) {
            if (event.button !== 0) return;
            stroking = true;
            swept.value = new Set([id]);
        },
        pass(event) {
            if (!stroking) return;
            const tile = document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-item]');
            const id = tile?.getAttribute('data-item');
            if (id !== undefined && id !== null && !swept.value.has(id)) swept.value = new Set([...swept.value, id]);
        },
        end() {
            if (!stroking) return;
            stroking = false;
            const ids = [...swept.value];
            swept.value = new Set();
            if (ids.length < 2) return;
            sweptAt = performance.now();
            done(ids);
        },
        justSwept: () => performance.now() - sweptAt < AFTER_MS,
    };
}
