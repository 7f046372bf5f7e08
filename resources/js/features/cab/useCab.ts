import { useRafFn } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { askCourse, judgePractice, type AirCourse, type AirRequest, type Control, type Practised } from './api';

/** How far ahead the course is asked for; with no control touched it is asked again before it ends. */
const AHEAD_MS = 90_000;
const REST_MS = 500;

export interface CabChoice {
    vehicle_id: number;
    checklist_id: number;
    faults: string;
    start_psi: number;
    guided: boolean;
}

/** A simulated cab: controls go to the server, the course of the pressures comes back and is played. */
export function useCab(choice: CabChoice) {
    const began = Date.now();
    const now = ref(0);
    const controls = shallowRef<Control[]>([]);
    const course = shallowRef<AirCourse>({ samples: [], events: [], combination: true, has_hand_valve: false });
    const guide = shallowRef<Practised>();
    const judged = shallowRef<Practised>();
    const why = ref('');
    const minute = ref<number>();
    let asked = 0;
    let resting: ReturnType<typeof setTimeout> | undefined;
    onScopeDispose(() => clearTimeout(resting));

    const body = (untilMs: number, keep = false): AirRequest => ({
        vehicle_id: choice.vehicle_id,
        checklist_id: choice.checklist_id,
        faults: choice.faults,
        start_psi: choice.start_psi,
        from_ms: Math.floor(now.value),
        until_ms: Math.ceil(untilMs / 1000) * 1000,
        controls: controls.value,
        keep,
    });

    async function ask(): Promise<void> {
        const turn = ++asked;
        try {
            const ahead = await askCourse(body(now.value + AHEAD_MS));
            // An answer to an earlier question would play what is no longer so.
            if (turn === asked) course.value = ahead;
            why.value = '';
        } catch (error) {
            why.value = error instanceof Error ? error.message : String(error);
        }
    }

    async function look(): Promise<void> {
        try {
            guide.value = await judgePractice(body(now.value));
        } catch (error) {
            why.value = error instanceof Error ? error.message : String(error);
        }
    }

    function touch(control: Omit<Control, 'at_ms'>): void {
        const at = Math.max(Math.floor(Date.now() - began), controls.value.at(-1)?.at_ms ?? 0);
        controls.value = [...controls.value, { ...control, at_ms: at }];
        if (control.kind === 'minute-started') minute.value = at;
        if (control.kind === 'minute-ended' || control.kind === 'restarted') minute.value = undefined;
        void ask();
        clearTimeout(resting);
        if (choice.guided) resting = setTimeout(() => void look(), REST_MS);
    }

    useRafFn(() => {
        if (judged.value !== undefined) return;
        now.value = Date.now() - began;
        const last = course.value.samples.at(-1)?.[0] ?? 0;
        if (last > 0 && now.value > last - AHEAD_MS / 3) void ask();
    });

    /** The row before now, and the next one: needles move evenly between them. */
    const gauges = computed(() => {
        const rows = course.value.samples;
        const next = rows.findIndex((row) => (row[0] ?? 0) > now.value);
        const after = rows[next === -1 ? rows.length - 1 : next];
        const before = rows[Math.max(0, (next === -1 ? rows.length : next) - 1)] ?? after;
        if (after === undefined || before === undefined)
            return { primary: choice.start_psi, secondary: choice.start_psi, warning: false };
        const span = (after[0] ?? 0) - (before[0] ?? 0);
        const share = span <= 0 ? 0 : Math.min(1, Math.max(0, (now.value - (before[0] ?? 0)) / span));
        const between = (column: number): number =>
            (before[column] ?? 0) + share * ((after[column] ?? 0) - (before[column] ?? 0));
        return { primary: between(1), secondary: between(2), warning: before[3] === 1 };
    });

    /** Where a control stands: as it was touched last, unless the system moved it since. */
    function stateOf(kind: Control['kind'], first: string): string {
        const mine = controls.value.findLast((one) => one.kind === kind);
        const valve = kind === 'tractor-valve' ? 'tractor' : kind === 'trailer-valve' ? 'trailer' : '';
        const popped = course.value.events.findLast(
            (one) => one.kind === 'popped' && (one.to === valve || one.to === 'both') && one.at_ms <= now.value,
        );
        if (popped !== undefined && popped.at_ms >= (mine?.at_ms ?? 0)) return 'out';
        return mine?.to ?? first;
    }

    async function finish(): Promise<void> {
        try {
            judged.value = await judgePractice(body(now.value, true));
            why.value = '';
        } catch (error) {
            why.value = error instanceof Error ? error.message : String(error);
        }
    }

    void ask();
    if (choice.guided) void look();

    return { course, now, controls, gauges, guide, judged, why, minute, touch, stateOf, finish };
}

export type Cab = ReturnType<typeof useCab>;
