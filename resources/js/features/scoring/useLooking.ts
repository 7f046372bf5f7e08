import { computed, ref, watch, type Ref } from 'vue';
import type { Item, Place } from '@/shared/attempt/api';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/**
 * Which place is shown. It is the student's, or for a moment another one that is only looked at: looking leaves and
 * enters nothing, and is over by itself once something there was marked.
 */
export function useLooking(walk: Pick<OpenAttempt, 'places' | 'place' | 'lastAction'>, opened: Ref<Item | undefined>) {
    const looked = ref<string>();
    let hasMarked = false;

    const placeOf = (id: string | undefined): Place | undefined => walk.places.value.find((one) => one.id === id);
    const looking = computed(() => (looked.value === walk.place.value ? undefined : placeOf(looked.value)));
    const here = computed(() => looking.value ?? placeOf(walk.place.value));

    function look(id: string): void {
        opened.value = undefined;
        looked.value = id;
        hasMarked = false;
    }

    function stopLooking(): void {
        // What is open there is not where the student is.
        if (looked.value !== undefined) opened.value = undefined;
        looked.value = undefined;
        hasMarked = false;
    }

    watch([walk.lastAction, opened], ([, open], [before]) => {
        if (looked.value === undefined) return;
        hasMarked ||= walk.lastAction.value !== before;
        // What was said of a part is marked point by point while its points are open.
        if (hasMarked && open === undefined) stopLooking();
    });

    return { looking, here, look, stopLooking };
}
