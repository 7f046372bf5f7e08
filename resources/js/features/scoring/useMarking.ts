import { draftsOf } from '@/shared/speech/marksOf';
import type { Suggestion } from '@/shared/speech/api';
import type { LiveWords } from '@/shared/speech/useLiveWords';
import { computed, type Ref } from 'vue';
import type { Item, Place, PointCode } from '@/shared/attempt/api';
import { nextHalf, usualHalves } from '@/shared/attempt/halves';
import { nothingShown } from '@/shared/attempt/shownItems';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/** What taps and strokes on the tiles mean. */
export function useMarking(
    walk: OpenAttempt,
    live: LiveWords,
    opened: Ref<Item | undefined>,
    looking: Readonly<Ref<Place | undefined>>,
) {
    const halves = computed(() => usualHalves(walk.attempt.value));
    const saidOf = (item: Item): ReadonlySet<string> => (walk.shown.value.get(item.id) ?? nothingShown).heard;

    /** Confirms what was heard, as one action. */
    function confirm(...heard: Suggestion[]): void {
        const names = walk.items.value.filter(({ id }) => heard.some(({ item }) => item === id));
        const label = names.length === 1 ? (names[0]?.name ?? '') : `${names.length} items`;
        if (names.length > 0) walk.mark.confirmHeard(label, heard.flatMap(draftsOf));
    }

    return {
        halves,
        saidOf,
        confirm,
        /** These points were said of it; or were not after all, where every one of them stands as said. */
        say(item: Item, codes: string[]): void {
            // The points go along; what is looked at stays until they are closed.
            if (opened.value !== undefined || looking.value !== undefined) opened.value = item;
            const points = codes as PointCode[];
            const said = points.filter((code) => code !== 'identified');
            const before = saidOf(item);
            // Who taps once more on what was said in part says: it was named, and no more.
            const isOpen = walk.shown.value.get(item.id)?.pointsOpen === true;
            if (!isOpen && codes.every((code) => before.has(code))) walk.mark.takeBack(item, points);
            else walk.mark.hearPoints(item, said);
        },
        /** Said in part: just what was heard where the listener has it, else with its points open. */
        inPart(item: Item): void {
            if (opened.value !== undefined) opened.value = item;
            const heard = live.faint.value.get(item.id);
            if (heard !== undefined && live.isRead(heard)) confirm(heard);
            else walk.mark.hearInPart(item);
        },
        /** Half said: as it usually is, or as it is second most often; again for the next; letters mend the rest. */
        half(item: Item, nth: number): void {
            opened.value = item;
            const before = saidOf(item);
            const points = nextHalf(halves.value.get(item.id) ?? [], before, nth);
            if (points !== undefined) walk.mark.hearJust(item, points, before);
        },
        /** A function of the light check was called: just what was heard where the listener has it, else all of it. */
        call(items: Item[]): void {
            const heard = items.flatMap(({ id }) => live.faint.value.get(id) ?? []).filter((one) => live.isRead(one));
            const left = items.filter((item) => saidOf(item).size === 0);
            if (heard.length > 0) confirm(...heard);
            else if (left.length > 0) walk.mark.hearWhole(...left);
        },
        tap(item: Item): void {
            // The points go along with the taps: nothing has to be closed, and what was missing is one touch away.
            if (opened.value !== undefined) opened.value = item;
            const heard = live.faint.value.get(item.id);
            const state = walk.shown.value.get(item.id)?.state ?? 'not_reached';
            if (heard !== undefined && live.isRead(heard)) confirm(heard);
            // A second tap never takes anything back by accident: it opens the points, where taking back is meant.
            else if (['whole', 'carried', 'not_fitted'].includes(state)) opened.value = item;
            else if (item.fitted) walk.mark.hearWhole(item);
            else walk.mark.wave(item);
        },
    };
}
