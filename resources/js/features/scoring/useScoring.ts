import { draftsOf } from '@/shared/speech/marksOf';
import type { Suggestion } from '@/shared/speech/api';
import { useLiveWords } from '@/shared/speech/useLiveWords';
import { computed, ref, shallowRef, useTemplateRef, type Ref } from 'vue';
import type { Item } from '@/shared/attempt/api';
import { find, type Found } from './finder';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import type { Comfort } from './useComfort';
import { useLooking } from './useLooking';
import { useScoringKeys } from './useScoringKeys';

export type Panel = 'note' | 'pause' | 'same' | 'keys' | 'line' | 'tools' | 'listen' | 'cover' | 'finish' | 'leave';

/** The points panel as the screen's keys know it. */
interface PressesPoints {
    press: (index: number) => void;
}

/** What the scoring screen shows and does beyond marking: where it is, what is open, what the keys mean now. */
export function useScoring(walk: OpenAttempt, comfort: Ref<Comfort>) {
    const live = useLiveWords(walk);
    const opened = shallowRef<Item>();
    const noted = shallowRef<Item>();
    const panel = ref<Panel>();
    const totals = ref(false);
    const confirmed = ref(false);
    const typed = ref('');
    const pointsPanel = useTemplateRef<PressesPoints>('pointsPanel');

    const { looking, here, look, stopLooking } = useLooking(walk, opened);
    const at = computed(() => walk.places.value.findIndex(({ id }) => id === walk.place.value));
    const next = computed(() => walk.places.value[at.value + 1]);
    const silent = computed(() => walk.attempt.value?.mode === 'exam');
    const found = computed(() => find(typed.value, walk.places.value, walk.place.value));
    const toConfirm = computed(
        () =>
            silent.value &&
            !confirmed.value &&
            walk.waiting.value.length === 0 &&
            walk.sheet.value?.duration_ms === 0 &&
            walk.sheet.value.remarks.length === 0,
    );

    function openPoints(item: Item): void {
        opened.value = item;
        const untouched = walk.shown.value.get(item.id)?.state === 'not_reached';
        // Who taps what was missing starts from all of it.
        if (comfort.value.partly === 'missing' && untouched) walk.mark.hearWhole(item);
    }

    /** Confirms what was heard of the item, if anything was. */
    function confirm(one: Suggestion | undefined): boolean {
        const item = walk.items.value.find(({ id }) => id === one?.item);
        if (one === undefined || item === undefined) return false;
        walk.mark.confirmHeard(item.name, draftsOf(one));
        return true;
    }

    function tap(item: Item): void {
        if (confirm(live.faint.value.get(item.id))) return;
        // The points go along with the taps: nothing has to be closed, and what was missing is one touch away.
        if (opened.value !== undefined) opened.value = item;
        const state = walk.shown.value.get(item.id)?.state ?? 'not_reached';
        // A second tap never takes anything back by accident: it opens the points, where taking back is meant.
        if (['whole', 'carried', 'not_fitted'].includes(state)) opened.value = item;
        else if (item.fitted) walk.mark.hearWhole(item);
        else walk.mark.wave(item);
    }

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

    function step(by: number): void {
        const target = walk.places.value[at.value + by];
        if (target === undefined && by > 0) panel.value = 'finish';
        else goTo(target?.id);
    }

    function markFound(one: Found | undefined): boolean {
        typed.value = '';
        if (one === undefined) return false;
        tap(one.item);
        return true;
    }

    /** Closes what was opened last, and tells whether anything was. */
    function close(): boolean {
        if (typed.value !== '') typed.value = '';
        else if (panel.value !== undefined) panel.value = undefined;
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

    useScoringKeys({
        tile: (index) => {
            const item = tileAt(index);
            if (item !== undefined) tap(item);
        },
        open: (index) => {
            const item = tileAt(index);
            if (item !== undefined) openPoints(item);
        },
        next: () => step(1),
        previous: () => step(-1),
        undo: walk.undo,
        redo: walk.redo,
        note: () => noteOn(opened.value),
        lookAgain: () => walk.mark.lookAgain(opened.value),
        offList: () => walk.mark.offList(walk.sheet.value?.off_list !== true),
        same: () => (here.value?.references.length ?? 0) > 0 && (panel.value = 'same'),
        pause,
        keys: () => (panel.value = panel.value === 'keys' ? undefined : 'keys'),
        close,
        type: (letter) => (typed.value += letter),
        erase: () => {
            if (typed.value === '') return false;
            typed.value = typed.value.slice(0, -1);
            return true;
        },
        markFound: () => typed.value !== '' && (markFound(found.value[0]) || true),
        openFound: () => {
            const first = found.value[0];
            if (typed.value === '' || first === undefined) return typed.value !== '';
            typed.value = '';
            openPoints(first.item);
            return true;
        },
        pointsOpen: () => opened.value !== undefined,
        point: (index) => pointsPanel.value?.press(index),
        enabled: () =>
            walk.attempt.value?.may_mark === true &&
            !toConfirm.value &&
            !['finish', 'line', 'pause'].includes(panel.value ?? ''),
    });

    return {
        live,
        confirm,
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
        finder: { typed, found },
        tap,
        togglePoints: (item: Item) => (opened.value?.id === item.id ? (opened.value = undefined) : openPoints(item)),
        goTo,
        step,
        markFound,
        close,
        show: (which: Panel) => (panel.value = which),
        showTotals: (shown: boolean) => (totals.value = shown),
        noteOn,
        pause,
        pauseFor,
    };
}

export type Scoring = ReturnType<typeof useScoring>;
