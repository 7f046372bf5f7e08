import { useRecording } from '@/shared/sound/useRecording';
import { useLiveWords } from '@/shared/speech/useLiveWords';
import { computed, ref, shallowRef, useTemplateRef } from 'vue';
import { useRoute } from 'vue-router';
import type { Item } from '@/shared/attempt/api';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import { lightRows } from '@/shared/attempt/lightRows';
import { useFinder } from './useFinder';
import { useLooking } from './useLooking';
import { useMarking } from './useMarking';
import { useScoringKeys } from './useScoringKeys';

export type Panel =
    'note' | 'pause' | 'same' | 'keys' | 'line' | 'tools' | 'listen' | 'cover' | 'finish' | 'leave' | 'discard';

/** The points panel as the screen's keys know it. */
interface PressesPoints {
    press: (index: number) => void;
}

/** What the scoring screen shows and does beyond marking: where it is, what is open, what the keys mean now. */
export function useScoring(walk: OpenAttempt) {
    const live = useLiveWords(walk);
    const recording = useRecording(
        { id: walk.id, clock: walk.clock, isHeard: () => walk.attempt.value?.mode !== 'exam' },
        live,
    );
    const opened = shallowRef<Item>();
    const noted = shallowRef<Item>();
    const route = useRoute();
    const panel = ref<Panel | undefined>(route.query['finish'] === '1' ? 'finish' : undefined);
    const totals = ref(false);
    const confirmed = ref(false);
    const pointsPanel = useTemplateRef<PressesPoints>('pointsPanel');

    const { looking, here, look, stopLooking } = useLooking(walk, opened);
    const at = computed(() => walk.places.value.findIndex(({ id }) => id === walk.place.value));
    const next = computed(() => walk.places.value[at.value + 1]);
    const silent = computed(() => walk.attempt.value?.mode === 'exam');
    const toConfirm = computed(
        () =>
            silent.value &&
            !confirmed.value &&
            walk.waiting.value.length === 0 &&
            walk.sheet.value?.duration_ms === 0 &&
            walk.sheet.value.remarks.length === 0,
    );

    const { halves, saidOf, confirm, say, half, inPart, call, tap } = useMarking(walk, live, opened, looking);
    const finder = useFinder(walk, {
        isSaid: (item) => saidOf(item).size > 0,
        mark: tap,
        markInPart: inPart,
        openPoints: (item) => (opened.value = item),
    });

    /** The student went there. */
    function goTo(id: string | undefined): void {
        if (id === undefined) return;
        opened.value = undefined;
        panel.value = undefined;
        stopLooking();
        walk.mark.goTo(id);
    }

    function lookAt(id: string): void {
        panel.value = undefined;
        look(id);
    }

    /** From place to place with the eyes; back at the student's place it is no look any more. */
    function lookBeside(by: number): void {
        const shown = walk.places.value.findIndex(({ id }) => id === here.value?.id);
        const beside = walk.places.value[shown + by];
        if (beside?.id === walk.place.value) stopLooking();
        else if (beside !== undefined) lookAt(beside.id);
    }

    function step(by: number): void {
        const target = walk.places.value[at.value + by];
        if (target === undefined && by > 0) panel.value = 'finish';
        else goTo(target?.id);
    }

    /** Closes what was opened last, and tells whether anything was. */
    function close(): boolean {
        if (finder.close()) return true;
        if (panel.value !== undefined) panel.value = undefined;
        else if (opened.value !== undefined) opened.value = undefined;
        else if (looking.value !== undefined) stopLooking();
        else return false;
        return true;
    }

    function noteOn(item: Item | undefined): void {
        noted.value = item;
        panel.value = 'note';
    }

    function pause(): void {
        if (!walk.clock.paused) {
            panel.value = 'pause';
            return;
        }
        walk.clock.pause(false);
        walk.mark.resume();
    }

    function pauseFor(reason: string): void {
        walk.mark.pause(reason);
        walk.clock.pause(true);
        panel.value = undefined;
    }

    const tileAt = (index: number): Item | undefined => here.value?.items[index];

    const rows = computed(() => lightRows(here.value));

    useScoringKeys({
        tile: (index) => {
            const row = rows.value[index];
            const item = tileAt(index);
            if (row !== undefined) call(row.items);
            else if (item !== undefined && !item.light) tap(item);
        },
        half: (index, nth) => {
            const row = rows.value[index];
            if (row !== undefined) {
                walk.mark.notCalled(...row.items);
                return;
            }
            const item = tileAt(index);
            if (item !== undefined) half(item, nth);
        },
        next: () => (finder.typed.value === '' ? step(1) : finder.choose(1)),
        previous: () => (finder.typed.value === '' ? step(-1) : finder.choose(-1)),
        lookNext: () => lookBeside(1),
        lookPrevious: () => lookBeside(-1),
        undo: walk.undo,
        redo: walk.redo,
        inPart: () => {
            if (finder.typed.value !== '') finder.inPart();
            else if (opened.value !== undefined) inPart(opened.value);
        },
        note: () => noteOn(opened.value),
        lookAgain: () => walk.mark.lookAgain(opened.value),
        offList: () => walk.mark.offList(walk.sheet.value?.off_list !== true),
        same: () => (here.value?.references.length ?? 0) > 0 && (panel.value = 'same'),
        pause,
        keys: () => (panel.value = panel.value === 'keys' ? undefined : 'keys'),
        close,
        type: finder.type,
        erase: finder.erase,
        markFound: () => finder.typed.value !== '' && (finder.mark(), true),
        openFound: () => finder.typed.value !== '' && (finder.points(), true),
        pointsOpen: () => opened.value !== undefined,
        point: (index) => pointsPanel.value?.press(index),
        enabled: () =>
            walk.attempt.value?.may_mark === true &&
            !toConfirm.value &&
            !['finish', 'line', 'pause'].includes(panel.value ?? ''),
    });

    return {
        live,
        recording,
        confirm,
        say,
        halves,
        opened,
        noted,
        panel,
        totals,
        confirmed,
        toConfirm,
        silent,
        at,
        here,
        next,
        looking,
        lookAt,
        stopLooking,
        pointsPanel,
        finder,
        tap,
        call,
        inPart,
        togglePoints: (item: Item) =>
            opened.value?.id === item.id ? (opened.value = undefined) : (opened.value = item),
        goTo,
        step,
        close,
        show: (which: Panel) => (panel.value = which),
        showTotals: (shown: boolean) => (totals.value = shown),
        noteOn,
        pause,
        pauseFor,
    };
}

export type Scoring = ReturnType<typeof useScoring>;

/** What marking points outside their place takes. */
export type MarksPoints = Pick<Scoring, 'say' | 'confirm' | 'live' | 'silent'>;
