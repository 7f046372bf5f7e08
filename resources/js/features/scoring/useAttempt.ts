import { useSession } from '@/features/session/useSession';
import type { PlaceTally } from '@/shared/plan/VehiclePlan.vue';
import { Outbox, type Mark, type OutboxState } from '@/shared/outbox/Outbox';
import { useSessionStorage } from '@vueuse/core';
import { v4, v7 } from 'uuid';
import { computed, onScopeDispose, shallowRef } from 'vue';
import { readAttempt, sendMarks, type Attempt, type Item, type PointCode, type Sheet } from './api';
import { shownItems, type ShownItem } from './shownItems';
import { WalkClock } from './walkClock';

/** What one tap did: its marks, so that one undo takes all of them back. */
interface Action {
    label: string;
    marks: string[];
    /** Where the scorer was before, for undoing a move. */
    from?: string;
}

const MOST_UNDO = 50;

/** One attempt on the scoring screen: shows every mark at once, keeps it, and sends it in the background. */
export function useAttempt(id: string) {
    const { user } = useSession();
    const attempt = shallowRef<Attempt>();
    const sheet = shallowRef<Sheet>();
    const waiting = shallowRef<Mark[]>([]);
    const place = shallowRef<string>();
    const sending = shallowRef<OutboxState>({ state: 'sent' });
    const failed = shallowRef<string>();
    const actions = useSessionStorage<Action[]>(`pasada-actions-${id}`, []);
    const recorder = useSessionStorage('pasada-recorder', v4());
    const clock = new WalkClock(`pasada-clock-${id}`);
    let outbox: Outbox<Sheet> | undefined;

    async function open(): Promise<void> {
        failed.value = undefined;
        try {
            const read = await readAttempt(id);
            const queue = new Outbox<Sheet>(
                id,
                user.value?.id ?? 0,
                recorder.value,
                (by, marks) => sendMarks(id, by, marks),
                {
                    state: (state) => (sending.value = state),
                    confirmed: (ids, now) => {
                        waiting.value = waiting.value.filter((mark) => !ids.has(mark.id));
                        sheet.value = now;
                    },
                },
            );
            const kept = await queue.waiting();
            outbox = queue;
            attempt.value = read;
            sheet.value = read.sheet;
            waiting.value = kept;
            const entered = kept.filter((mark) => mark.kind === 'place_entered').at(-1);
            place.value = entered?.place ?? read.sheet.current_place ?? read.inspection.places[0]?.id;
            const last = Math.max(read.sheet.duration_ms, ...kept.map((mark) => mark.at_ms));
            clock.resume(last, last > 0 && !read.sheet.finished);
            queue.nudge();
        } catch (error) {
            failed.value = error instanceof Error ? error.message : String(error);
        }
    }

    onScopeDispose(() => outbox?.stop());

    function record(label: string, marks: Omit<Mark, 'id' | 'at_ms'>[], from?: string): void {
        const at = clock.stamp();
        const made = marks.map((mark): Mark => ({ ...mark, id: v7(), at_ms: at }));
        waiting.value = [...waiting.value, ...made];
        // An undo is not itself an action: undoing twice goes further back.
        if (!made.some((mark) => mark.kind === 'undo')) {
            const action: Action = {
                label,
                marks: made.map((mark) => mark.id),
                ...(from === undefined ? {} : { from }),
            };
            actions.value = [...actions.value, action].slice(-MOST_UNDO);
        }
        // A mark that could not be kept is told of through `sending`; it is on the screen and in memory still.
        void outbox?.keep(...made).catch(() => undefined);
    }

    /** Every mark is made at a place: the first one of the walk says where it began. */
    function arrive(): Omit<Mark, 'id' | 'at_ms'>[] {
        const known =
            sheet.value?.current_place !== null || waiting.value.some((mark) => mark.kind === 'place_entered');
        return known || place.value === undefined ? [] : [{ kind: 'place_entered', place: place.value }];
    }

    const items = computed(() => attempt.value?.inspection.places.flatMap((one) => one.items) ?? []);
    const shown = computed<Map<string, ShownItem>>(() =>
        sheet.value === undefined ? new Map() : shownItems(items.value, sheet.value, waiting.value),
    );

    const tallies = computed(() => {
        const tally = new Map<string, PlaceTally>();
        for (const one of attempt.value?.inspection.places ?? []) {
            const states = one.items.map((item) => shown.value.get(item.id)?.state ?? 'not_reached');
            const part = states.filter((state) => state === 'partial' || state === 'late').length;
            const open = states.filter((state) => state === 'not_reached' || state === 'missed').length;
            tally.set(one.id, { asked: one.items.length, said: one.items.length - open, part });
        }
        return tally;
    });

    const closed = computed(() => {
        const set = new Set(sheet.value?.closed_places);
        for (const mark of waiting.value) {
            if (mark.kind === 'place_closed' && mark.place !== undefined) set.add(mark.place);
            if (mark.kind === 'place_entered' && mark.place !== undefined) set.delete(mark.place);
        }
        return set;
    });

    function hearWhole(...heard: Item[]): void {
        const one = heard.length === 1 ? heard[0] : undefined;
        const label = one === undefined ? `${heard.length} items` : one.name;
        record(label, [...arrive(), ...heard.map((item) => ({ kind: 'heard_whole' as const, item: item.id }))]);
    }

    function hearPoints(item: Item, points: PointCode[]): void {
        record(item.name, [...arrive(), { kind: 'points_heard', item: item.id, points }]);
    }

    function takeBack(item: Item, points: PointCode[]): void {
        record(`${item.name} taken back`, [{ kind: 'points_taken_back', item: item.id, points }]);
    }

    function wave(item: Item): void {
        record(`${item.name} not fitted`, [...arrive(), { kind: 'not_fitted', item: item.id }]);
    }

    function note(text: string, item?: Item): void {
        record('note', [{ kind: 'note', text, ...(item === undefined ? {} : { item: item.id }) }]);
    }

    function goTo(next: string): void {
        const from = place.value;
        if (from === undefined || from === next) return;
        place.value = next;
        record(
            'move',
            [...arrive(), { kind: 'place_closed', place: from }, { kind: 'place_entered', place: next }],
            from,
        );
    }

    function undo(): void {
        const last = actions.value.at(-1);
        if (last === undefined) return;
        actions.value = actions.value.slice(0, -1);
        if (last.from !== undefined) place.value = last.from;
        record(
            'undo',
            last.marks.toReversed().map((mark) => ({ kind: 'undo' as const, undoes: mark })),
        );
    }

    function finish(): void {
        const here = place.value;
        record('finish', [
            ...arrive(),
            ...(here === undefined ? [] : [{ kind: 'place_closed' as const, place: here }]),
            { kind: 'finished' },
        ]);
    }

    return {
        attempt,
        sheet,
        waiting,
        place,
        sending,
        failed,
        shown,
        tallies,
        closed,
        items,
        actions,
        clock,
        open,
        hearWhole,
        hearPoints,
        takeBack,
        wave,
        note,
        goTo,
        undo,
        finish,
        retry: () => outbox?.nudge(),
    };
}

export type OpenAttempt = ReturnType<typeof useAttempt>;
