import { wordsOf } from '@/shared/wordsOf';
import type { Attempt } from '@/shared/attempt/api';
import { WalkClock } from '@/shared/attempt/walkClock';
import { useSession } from '@/shared/session/useSession';
import { Delivery } from '@/shared/outbox/Delivery';
import type { Mark } from '@/shared/outbox/Outbox';
import { WaitingMarks } from '@/shared/outbox/WaitingMarks';
import { useLocalStorage, useNow } from '@vueuse/core';
import { v4, v7 } from 'uuid';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { importBench, readBench, sendEntries, type Bench, type BrakeEvent, type Entry } from '@/shared/brakes/api';
import { confirmed, emptyBench, leftOver, observed, type KeptBench } from './benchLog';

/** The brake tests of one attempt: what is observed is kept on the device first, then judged by the server. */
export function useBench(id: string) {
    const userId = useSession().user.value?.id ?? 0;
    const kept = useLocalStorage<KeptBench>(`pasada-bench-${userId}-${id}`, emptyBench());
    const clock = new WalkClock(`pasada-clock-${id}`);
    const bench = shallowRef<Bench>();
    const why = ref('');
    const primary = ref(120);
    const secondary = ref(120);
    const now = useNow({ interval: 100 });
    const delivery = new Delivery<Entry, Bench>({
        waiting: () => kept.value.unsent,
        send: (entries) => sendEntries(id, entries),
        confirmed: (entries, answer) => {
            bench.value = answer;
            kept.value = confirmed(kept.value, entries, answer.events);
        },
        state: (now) => (why.value = 'why' in now ? now.why : ''),
    });
    onScopeDispose(() => delivery.stop());

    const events = computed(() => observed(kept.value));

    async function open({ sheet }: Attempt): Promise<Bench> {
        const read = await readBench(id);
        const old = `pasada-brakes-${userId}-${id}`;
        const left = leftOver(localStorage.getItem(old), read.events, v7);
        localStorage.removeItem(old);
        const last = read.events.at(-1)?.at_ms ?? 0;
        kept.value = {
            origin: kept.value.origin || Date.now() - last,
            known: read.events,
            unsent: [...left, ...kept.value.unsent],
        };
        clock.resume(sheet.duration_ms, sheet.duration_ms > 0 && !sheet.finished);
        bench.value = read;
        if (kept.value.unsent.length > 0) delivery.nudge();
        const reading = events.value.findLast(({ kind }) => kind === 'reading');
        primary.value = reading?.primary ?? 120;
        secondary.value = reading?.secondary ?? 120;
        return read;
    }

    function add(...entries: Entry[]): void {
        kept.value = { ...kept.value, unsent: [...kept.value.unsent, ...entries] };
        delivery.nudge();
    }

    function record(...seen: Omit<BrakeEvent, 'at_ms'>[]): void {
        if (events.value.length === 0) kept.value = { ...kept.value, origin: Date.now() };
        const at = Math.max(Date.now() - kept.value.origin, events.value.at(-1)?.at_ms ?? 0);
        const walk = clock.stamp();
        add(...seen.map((one): Entry => ({ ...one, id: v7(), at_ms: at, walk_ms: walk })));
    }

    /** What the gauges showed at a moment that is over, as the scorer remembers it. */
    function recordAt(at: number, seen: Omit<BrakeEvent, 'at_ms'>): void {
        add({ ...seen, id: v7(), at_ms: at, walk_ms: clock.stamp() });
    }

    /** A moment as the events count it. */
    const atMs = (moment: Date): number => moment.getTime() - kept.value.origin;

    /** Takes one event back; it stays readable among what was taken back. */
    function takeBack(index: number): void {
        const gone = events.value[index];
        if (gone !== undefined) add({ id: v7(), undoes: gone.id, walk_ms: clock.stamp() });
    }

    const gauges = (): { primary: number; secondary: number } => ({
        primary: primary.value,
        secondary: secondary.value,
    });
    const stateOf = (kind: BrakeEvent['kind']): string | undefined =>
        events.value.findLast((event) => event.kind === kind)?.to;

    const minute = computed(() => {
        const start = events.value.findLastIndex(({ kind }) => kind === 'minute-started' || kind === 'restarted');
        const started = events.value[start];
        if (started?.kind !== 'minute-started') return undefined;
        const ended = events.value.slice(start).find(({ kind }) => kind === 'minute-ended');
        const first = events.value.slice(0, start).findLast(({ kind }) => kind === 'reading');
        const ms =
            ended === undefined ? now.value.getTime() - kept.value.origin - started.at_ms : ended.at_ms - started.at_ms;
        return {
            running: ended === undefined,
            ms: Math.max(0, ms),
            lost: Math.max((first?.primary ?? 0) - primary.value, (first?.secondary ?? 0) - secondary.value, 0),
        };
    });

    function toggleMinute(): void {
        const kind = minute.value?.running === true ? 'minute-ended' : 'minute-started';
        record({ kind: 'reading', ...gauges() }, { kind });
    }

    /** Takes in what was observed elsewhere; the server keeps what was there among what was taken back. */
    async function takeIn(name: string, content: string): Promise<void> {
        await delivery.flush();
        // What is only on this device would be missing from what is taken back.
        if (kept.value.unsent.length > 0) {
            why.value ||= 'What was just seen is still being sent. Choose the file again in a moment.';
            return;
        }
        try {
            bench.value = await importBench(id, v7(), name, content);
            const { events: taken } = bench.value;
            kept.value = { origin: Date.now() - (taken.at(-1)?.at_ms ?? 0), known: taken, unsent: [] };
            why.value = '';
        } catch (error) {
            why.value = wordsOf(error);
        }
    }

    /** Puts the verdicts on the score sheet, as marks like any other: kept here, sent by the scoring screen. */
    async function toSheet(): Promise<void> {
        const steps = (bench.value?.steps ?? []).flatMap(({ marks }) => marks as Omit<Mark, 'id'>[]);
        const made = [...((bench.value?.seen ?? []) as unknown as Omit<Mark, 'id'>[]), ...steps];
        const marks = made
            .map((mark): Mark => ({ ...mark, id: v7(), at_ms: mark.at_ms ?? clock.stamp() }))
            .sort((a, b) => a.at_ms - b.at_ms);
        try {
            if (marks.length > 0) await new WaitingMarks(id, userId).add(v4(), marks);
            why.value = '';
        } catch (error) {
            why.value = wordsOf(error);
            throw error;
        }
    }

    return {
        clock,
        bench,
        events,
        sent: computed(() => kept.value.unsent.length === 0),
        why,
        primary,
        secondary,
        minute,
        open,
        record,
        recordAt,
        atMs,
        takeBack,
        gauges,
        stateOf,
        toggleMinute,
        toSheet,
        takeIn,
        undo: () => takeBack(events.value.length - 1),
    };
}

export type OpenBench = ReturnType<typeof useBench>;
