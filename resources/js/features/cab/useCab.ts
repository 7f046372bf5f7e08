import { wordsOf } from '@/shared/wordsOf';
import { isPassing } from '@/shared/api/client';
import { useRafFn } from '@vueuse/core';
import { v7 } from 'uuid';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { askCourse, judgePractice, type AirCourse, type AirRequest, type Control, type Practised } from './api';
import type { KeptCab } from './keptCab';
import { gaugesAt, toldAt } from './coursePlayer';

/** How far ahead the course is asked for; with no control touched it is asked again before it ends. */
const AHEAD_MS = 90_000;
/** The server runs no cab for longer. */
const LONGEST_MS = 1_800_000;
/** Guidance is asked for once the hands rest so long. */
const REST_MS = 400;
const RETRY_MS = 2_000;
const REFUSED_TOLD_MS = 4_000;

/** The controls that move when a valve comes out by itself. */
const valvesOf: Record<string, Control['kind'][]> = {
    tractor: ['tractor-valve'],
    trailer: ['trailer-valve'],
    both: ['tractor-valve', 'trailer-valve'],
};

/** A simulated cab: controls go to the server, the course of the pressures comes back and is played. */
export function useCab(
    { id = v7(), choice, began, controls: before }: KeptCab,
    keep: (controls: Control[]) => void,
    end: () => void,
) {
    const now = ref(Math.min(Date.now() - began, LONGEST_MS));
    const controls = shallowRef(before);
    const course = shallowRef<AirCourse>({ samples: [], events: [], states: {}, refused: [] });
    /** The controls that the course at hand has heard of. */
    const heard = shallowRef<Control[]>([]);
    const guide = shallowRef<Practised>();
    const judged = shallowRef<Practised>();
    const judging = ref(false);
    /** Id of what the student says is wrong with the truck. */
    const suspected = ref<string | null>(null);
    const why = ref('');
    /** From a touch to the course that answers it, in ms. */
    const lag = ref(0);
    let touched = 0;
    let asking = false;
    let resting: ReturnType<typeof setTimeout> | undefined;
    let retrying: ReturnType<typeof setTimeout> | undefined;
    onScopeDispose(() => {
        clearTimeout(resting);
        clearTimeout(retrying);
    });

    const body = (untilMs: number, keep = false): AirRequest => ({
        vehicle_id: choice.vehicle.id,
        checklist_id: choice.sequence.id,
        faults: choice.faults,
        start_psi: choice.startPsi,
        help: choice.help,
        from_ms: Math.floor(now.value),
        until_ms: Math.min(LONGEST_MS, Math.ceil(untilMs / 1000) * 1000),
        controls: controls.value,
        keep,
        ...(keep ? { id, hidden: choice.suspects.length > 0, suspected: suspected.value } : {}),
    });
    /** The words of whatever went wrong; a course that could not be had is asked for again. */
    function fails(error: unknown): void {
        why.value = wordsOf(error);
    }

    /** One question at a time: what is touched meanwhile goes with the next, so that fanning does not pile them up. */
    async function ask(): Promise<void> {
        touched = performance.now();
        if (asking) return;
        asking = true;
        clearTimeout(retrying);
        try {
            let sent: Control[];
            do {
                sent = controls.value;
                const asked = touched;
                course.value = await askCourse(body(now.value + AHEAD_MS));
                heard.value = sent;
                lag.value = Math.round(performance.now() - asked);
            } while (controls.value !== sent);
            why.value = '';
        } catch (error) {
            fails(error);
            if (isPassing(error)) retrying = setTimeout(() => void ask(), RETRY_MS);
        } finally {
            asking = false;
        }
    }

    async function look(): Promise<void> {
        try {
            guide.value = await judgePractice(body(now.value));
        } catch (error) {
            fails(error);
        }
    }

    function touch(control: Omit<Control, 'at_ms'>): void {
        if (over.value || judged.value !== undefined) return;
        // The clock of the device may be set back; time in the cab does not.
        const at = Math.max(Math.floor(Date.now() - began), controls.value.at(-1)?.at_ms ?? 0);
        controls.value = [...controls.value, { ...control, at_ms: at }];
        keep(controls.value);
        now.value = at;
        void ask();
        clearTimeout(resting);
        if (choice.help === 'guided') resting = setTimeout(() => void look(), REST_MS);
    }

    useRafFn(() => {
        if (judged.value !== undefined) return;
        now.value = Math.min(LONGEST_MS, Math.max(Date.now() - began, controls.value.at(-1)?.at_ms ?? 0));
        const last = course.value.samples.at(-1)?.[0] ?? 0;
        if (!asking && last > 0 && last < LONGEST_MS && now.value > last - AHEAD_MS / 3) void ask();
    });

    const over = computed(() => now.value >= LONGEST_MS);
    const gauges = computed(() => gaugesAt(course.value, now.value, choice.startPsi));
    const refused = computed(() => new Map(course.value.refused.map(({ control, why: told }) => [control, told])));
    const told = computed(() => {
        const last = controls.value.length - 1;
        const refusal = refused.value.get(last);
        const at = controls.value[last]?.at_ms ?? 0;
        if (refusal !== undefined && now.value - at < REFUSED_TOLD_MS) return refusal;
        return toldAt(course.value, now.value);
    });
    /** How many of the events ahead have come; changes seldom, so what hangs on it is worked out seldom. */
    const come = computed(() => course.value.events.filter(({ at_ms }) => at_ms <= now.value).length);

    /** Where a control stands: as it was just touched, else as the server has it, with valves that popped since. */
    function stateOf(kind: Control['kind'], first: string): string {
        const mine = controls.value.slice(heard.value.length).findLast((one) => one.kind === kind)?.to;
        if (mine !== undefined) return mine;
        const since = heard.value.at(-1)?.at_ms ?? 0;
        const hasPopped = course.value.events
            .slice(0, come.value)
            .some(
                ({ kind: what, to, at_ms }) => what === 'popped' && at_ms > since && valvesOf[to ?? '']?.includes(kind),
            );
        return hasPopped ? 'out' : (course.value.states[kind] ?? first);
    }

    const minute = computed(() => {
        const last = controls.value.findLast(({ kind }) =>
            ['minute-started', 'minute-ended', 'restarted'].includes(kind),
        );
        return last?.kind === 'minute-started' ? last.at_ms : undefined;
    });
    const restarts = computed(() => controls.value.filter(({ kind }) => kind === 'restarted').length);

    /** Has it judged and kept, once. */
    async function finish(): Promise<void> {
        if (judging.value || judged.value !== undefined) return;
        judging.value = true;
        try {
            judged.value = await judgePractice(body(now.value, true));
            why.value = '';
            end();
        } catch (error) {
            fails(error);
        } finally {
            judging.value = false;
        }
    }

    void ask();
    if (choice.help === 'guided') void look();

    return {
        choice,
        now,
        controls,
        gauges,
        guide,
        judged,
        judging,
        suspected,
        why,
        told,
        over,
        lag,
        minute,
        restarts,
        touch,
        stateOf,
        finish,
    };
}

export type Cab = ReturnType<typeof useCab>;
