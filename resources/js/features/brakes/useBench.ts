import { sendMarks } from '@/features/scoring/api';
import { useSession } from '@/features/session/useSession';
import { isPassing } from '@/shared/api/client';
import type { Mark } from '@/shared/outbox/Outbox';
import { useLocalStorage, useNow } from '@vueuse/core';
import { v4, v7 } from 'uuid';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { importBench, keepBench, readBench, type Bench, type BrakeEvent } from './api';

interface Kept {
    /** Real time of the first event: at_ms counts from it, so a device that slept loses nothing. */
    origin: number;
    events: BrakeEvent[];
    takenBack: BrakeEvent[];
    /** Whether the server has all of it. */
    sent: boolean;
}

const RETRY_MS = 4000;

/** The brake tests of one attempt: what is observed is kept on the device first, then judged by the server. */
export function useBench(id: string) {
    const kept = useLocalStorage<Kept>(`pasada-brakes-${useSession().user.value?.id ?? 0}-${id}`, {
        origin: 0,
        events: [],
        takenBack: [],
        sent: true,
    });
    const bench = shallowRef<Bench>();
    const why = ref('');
    const primary = ref(120);
    const secondary = ref(120);
    const now = useNow({ interval: 100 });
    let retry: ReturnType<typeof setTimeout> | undefined;
    let sending = false;
    onScopeDispose(() => clearTimeout(retry));

    async function open(): Promise<Bench> {
        const read = await readBench(id);
        if (kept.value.sent) {
            const last = read.events.at(-1);
            kept.value = {
                origin: kept.value.origin || Date.now() - (last?.at_ms ?? 0),
                events: read.events,
                takenBack: read.taken_back,
                sent: true,
            };
        } else void send();
        bench.value = read;
        const reading = kept.value.events.findLast(({ kind }) => kind === 'reading');
        primary.value = reading?.primary ?? 120;
        secondary.value = reading?.secondary ?? 120;
        return read;
    }

    async function send(): Promise<void> {
        if (sending) return;
        sending = true;
        clearTimeout(retry);
        try {
            const { events, takenBack } = kept.value;
            bench.value = await keepBench(id, events, takenBack);
            why.value = '';
            if (kept.value.events === events) kept.value = { ...kept.value, sent: true };
            else retry = setTimeout(() => void send(), 0);
        } catch (error) {
            why.value = error instanceof Error ? error.message : String(error);
            if (isPassing(error)) retry = setTimeout(() => void send(), RETRY_MS);
        } finally {
            sending = false;
        }
    }

    function record(...seen: Omit<BrakeEvent, 'at_ms'>[]): void {
        const origin = kept.value.events.length === 0 ? Date.now() : kept.value.origin;
        const at = Math.max(Date.now() - origin, kept.value.events.at(-1)?.at_ms ?? 0);
        kept.value = {
            ...kept.value,
            origin,
            events: [...kept.value.events, ...seen.map((one) => ({ ...one, at_ms: at }))],
            sent: false,
        };
        void send();
    }

    /** Takes one event back; it stays readable among what was taken back. */
    function takeBack(index: number): void {
        const gone = kept.value.events[index];
        if (gone === undefined) return;
        kept.value = {
            ...kept.value,
            events: kept.value.events.filter((_, n) => n !== index),
            takenBack: [...kept.value.takenBack, gone].sort((a, b) => a.at_ms - b.at_ms),
            sent: false,
        };
        void send();
    }

    const gauges = (): { primary: number; secondary: number } => ({
        primary: primary.value,
        secondary: secondary.value,
    });
    const events = computed(() => kept.value.events);
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
        if (!kept.value.sent) await send();
        // What is only on this device would be overwritten by what comes back.
        if (!kept.value.sent) return;
        try {
            bench.value = await importBench(id, name, content);
            const { events: taken, taken_back: takenBack } = bench.value;
            kept.value = { origin: Date.now() - (taken.at(-1)?.at_ms ?? 0), events: taken, takenBack, sent: true };
            why.value = '';
        } catch (error) {
            why.value = error instanceof Error ? error.message : String(error);
        }
    }

    /** Puts the verdicts of the steps on the score sheet, as marks like any other. */
    async function toSheet(): Promise<void> {
        const marks: Mark[] = (bench.value?.steps ?? []).flatMap(({ marks: made }) =>
            made.map((mark) => ({
                ...(mark as Omit<Mark, 'id' | 'at_ms'>),
                id: v7(),
                at_ms: events.value.at(-1)?.at_ms ?? 0,
            })),
        );
        try {
            if (marks.length > 0) await sendMarks(id, v4(), marks);
            why.value = '';
        } catch (error) {
            why.value = error instanceof Error ? error.message : String(error);
            throw error;
        }
    }

    return {
        bench,
        events,
        sent: computed(() => kept.value.sent),
        why,
        primary,
        secondary,
        minute,
        open,
        record,
        takeBack,
        gauges,
        stateOf,
        toggleMinute,
        toSheet,
        takeIn,
        undo: () => takeBack(kept.value.events.length - 1),
    };
}

export type OpenBench = ReturnType<typeof useBench>;
