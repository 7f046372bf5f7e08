import { wordsOf } from '@/shared/wordsOf';
import { useSession } from '@/shared/session/useSession';
import { startAttempt } from './start';
import { Unreachable } from '@/shared/api/client';
import { Device } from '@/shared/outbox/Device';
import { Outbox, type Mark, type OutboxState } from '@/shared/outbox/Outbox';
import { v7 } from 'uuid';
import { computed, onScopeDispose, shallowReadonly, shallowRef } from 'vue';
import { readAttempt, sendMarks, type Attempt, type Sheet } from './api';
import { markMaker } from './markMaker';
import { useRecorderId } from './recorderId';
import { placeTallies } from './placeTallies';
import { shownItems, type ShownItem } from './shownItems';
import { useSheetWatch } from './useSheetWatch';
import { useUndoStack } from './undoStack';
import { WalkClock } from './walkClock';

export type Draft = Omit<Mark, 'id' | 'at_ms'>;

/** One attempt on the scoring screen: shows every mark at once, keeps it, and sends it in the background. */
export function useAttempt(id: string) {
    const { user } = useSession();
    const userId = user.value?.id ?? 0;
    const device = new Device(userId);
    const attempt = shallowRef<Attempt>();
    const sheet = shallowRef<Sheet>();
    const waiting = shallowRef<Mark[]>([]);
    const place = shallowRef<string>();
    const sending = shallowRef<OutboxState>({ state: 'sent' });
    const failed = shallowRef<string>();
    const stack = useUndoStack(id);
    const recorder = useRecorderId();
    const clock = new WalkClock(`pasada-clock-${id}`);
    let outbox: Outbox<Sheet> | undefined;

    /** Tells the server of a walk that was started without it. */
    async function ensureStarted(): Promise<void> {
        const start = await device.start(id);
        if (start === undefined) return;
        const begun = await startAttempt(start.body);
        await device.dropStart(id);
        await device.keepAttempt(begun);
    }

    async function read(): Promise<Attempt> {
        const kept = await device.attempt(id).catch(() => undefined);
        if (kept !== undefined && (await device.start(id)) !== undefined) return kept;
        try {
            const fresh = await readAttempt(id);
            await device.keepAttempt(fresh).catch(() => undefined);
            return fresh;
        } catch (error) {
            if (error instanceof Unreachable && kept !== undefined) return kept;
            throw error;
        }
    }

    /** Where the student is, is known to whoever moved last: this screen, or the same scorer's on another device. */
    function take(now: Sheet): void {
        sheet.value = now;
        const isMoving = waiting.value.some(({ kind }) => kind === 'place_entered' || kind === 'undo');
        if (!isMoving && now.current_place !== null && !now.finished) place.value = now.current_place;
    }

    async function open(): Promise<void> {
        failed.value = undefined;
        try {
            const opened = await read();
            const queue = new Outbox<Sheet>(id, userId, recorder.value, {
                send: (by, marks) => sendMarks(id, by, marks),
                before: ensureStarted,
                watched: () => attempt.value?.live === true,
                state: (state) => (sending.value = state),
                confirmed: (ids, now) => {
                    waiting.value = waiting.value.filter((mark) => !ids.has(mark.id));
                    take(now);
                    void device.keepAttempt({ ...opened, sheet: now }).catch(() => undefined);
                },
            });
            const kept = await queue.waiting();
            outbox = queue;
            attempt.value = opened;
            sheet.value = opened.sheet;
            waiting.value = kept;
            if (kept.length > 0) sending.value = { state: 'sending', waiting: kept.length };
            const entered = kept.filter((mark) => mark.kind === 'place_entered').at(-1);
            place.value = entered?.place ?? opened.sheet.current_place ?? opened.inspection.places[0]?.id;
            const last = Math.max(opened.sheet.duration_ms, ...kept.map((mark) => mark.at_ms));
            clock.resume(last, last > 0 && !opened.sheet.finished);
            queue.nudge();
        } catch (error) {
            failed.value = wordsOf(error);
        }
    }

    onScopeDispose(() => outbox?.stop());

    // Marks of the same scorer's other device come in this way.
    useSheetWatch(
        id,
        () => attempt.value?.may_mark === true && waiting.value.length === 0 && sheet.value?.finished === false,
        take,
    );

    /** @returns the ids of the marks that were made */
    function record(label: string, marks: Draft[], move: { from?: string; to?: string } = {}): string[] {
        const at = clock.stamp();
        const made = marks.map((mark): Mark => ({ ...mark, id: v7(), at_ms: at }));
        const ids = made.map((mark) => mark.id);
        waiting.value = [...waiting.value, ...made];
        if (!made.some((mark) => mark.kind === 'undo')) stack.push({ label, marks: ids, ...move });
        // A mark that could not be kept is told of through `sending`; it is on the screen and in memory still.
        if (sending.value.state === 'sent') sending.value = { state: 'sending', waiting: made.length };
        void outbox?.keep(...made).catch(() => undefined);
        return ids;
    }

    function undo(): void {
        const last = stack.pop();
        if (last === undefined) return;
        if (last.from !== undefined) place.value = last.from;
        const undos = last.marks.toReversed().map((mark) => ({ kind: 'undo' as const, undoes: mark }));
        stack.undid(last, record('undo', undos));
    }

    function redo(): void {
        const entry = stack.redo();
        if (entry === undefined) return;
        if (entry.action.to !== undefined) place.value = entry.action.to;
        const backs = entry.undos.toReversed().map((mark) => ({ kind: 'undo' as const, undoes: mark }));
        record('redo', backs);
    }

    /** Takes one earlier mark out of force, or an undo of it: the mark itself stays in the record. */
    const undoMark = (mark: string): void => void record('undo', [{ kind: 'undo', undoes: mark }]);

    const places = computed(() => attempt.value?.inspection.places ?? []);
    const items = computed(() => places.value.flatMap((one) => one.items));
    const shown = computed<Map<string, ShownItem>>(() =>
        sheet.value === undefined ? new Map() : shownItems(places.value, sheet.value, waiting.value),
    );
    const tallies = computed(() => placeTallies(places.value, shown.value));
    const closed = computed(() => {
        const set = new Set(sheet.value?.closed_places);
        for (const mark of waiting.value) {
            if (mark.kind === 'place_closed' && mark.place !== undefined) set.add(mark.place);
            if (mark.kind === 'place_entered' && mark.place !== undefined) set.delete(mark.place);
        }
        return set;
    });

    return {
        id,
        attempt: shallowReadonly(attempt),
        sheet: shallowReadonly(sheet),
        waiting: shallowReadonly(waiting),
        place: shallowReadonly(place),
        places,
        sending: shallowReadonly(sending),
        failed: shallowReadonly(failed),
        shown,
        tallies,
        closed,
        items,
        lastAction: stack.last,
        nextAction: stack.next,
        clock,
        open,
        undo,
        redo,
        undoMark,
        setLive: (live: boolean) => {
            if (attempt.value !== undefined) attempt.value = { ...attempt.value, live };
        },
        keepPhrases: (phrases: string[]) => {
            if (attempt.value !== undefined) attempt.value = { ...attempt.value, phrases };
        },
        retry: () => outbox?.nudge(),
        /** What a scorer can mark, each as one action. */
        mark: markMaker({ sheet, waiting, place, record }),
    };
}

export type OpenAttempt = ReturnType<typeof useAttempt>;
