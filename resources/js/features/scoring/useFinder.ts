import { computed, ref, shallowRef, watch } from 'vue';
import type { Item } from '@/shared/attempt/api';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import { find, leftOver, lettersOf, type Found } from './finder';

/** Finds an item by letters that are typed, or tapped on a strip where there are no keys. */
export function useFinder(
    walk: Pick<OpenAttempt, 'places' | 'place'>,
    acts: Record<'mark' | 'markInPart' | 'openPoints', (item: Item) => void> & { isSaid: (item: Item) => boolean },
) {
    const typed = ref('');
    const isOpen = ref(false);
    const chosen = ref(0);
    /** Where the student was before. */
    const left = shallowRef<string>();
    watch(walk.place, (_, before) => (left.value = before));
    const found = computed(() =>
        typed.value === ''
            ? leftOver(walk.places.value, left.value, acts.isSaid)
            : find(typed.value, walk.places.value, walk.place.value, left.value),
    );

    watch(typed, () => (chosen.value = 0));

    function close(): boolean {
        const wasOpen = isOpen.value || typed.value !== '';
        typed.value = '';
        isOpen.value = false;
        return wasOpen;
    }

    function act(how: (item: Item) => void, one: Found | undefined): void {
        close();
        if (one !== undefined) how(one.item);
    }

    return {
        typed,
        found,
        chosen,
        /** The next or the previous of those found. */
        choose(by: number): void {
            chosen.value = Math.max(0, Math.min(found.value.length - 1, chosen.value + by));
        },
        shows: computed(() => isOpen.value || typed.value !== ''),
        letters: computed(() => (isOpen.value ? lettersOf(walk.places.value) : [])),
        open: (): void => void (isOpen.value = true),
        close,
        type: (letter: string): void => void (typed.value += letter),
        /** @returns whether there was a letter to take back */
        erase(): boolean {
            const had = typed.value !== '';
            typed.value = typed.value.slice(0, -1);
            return had;
        },
        /** By touch the one that is tapped, by key the chosen one. */
        mark: (one = found.value[chosen.value]): void => act(acts.mark, one),
        inPart: (one = found.value[chosen.value]): void => act(acts.markInPart, one),
        points: (one = found.value[chosen.value]): void => act(acts.openPoints, one),
    };
}
