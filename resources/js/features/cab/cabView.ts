import { computed, type Ref } from 'vue';
import type { AirCourse, Control } from './api';
import { gaugesAt, toldAt } from './coursePlayer';

const REFUSED_TOLD_MS = 4_000;

/** The controls that move when a valve comes out by itself. */
const valvesOf: Record<string, Control['kind'][]> = {
    tractor: ['tractor-valve'],
    trailer: ['trailer-valve'],
    both: ['tractor-valve', 'trailer-valve'],
};

interface Played {
    now: Ref<number>;
    controls: Ref<Control[]>;
    course: Ref<AirCourse>;
    /** The controls that the course at hand has heard of. */
    heard: Ref<Control[]>;
}

/** What whoever sits in the cab sees of it at this moment: gauges, controls, and what is told. */
export function cabView({ now, controls, course, heard }: Played, startPsi: number) {
    const gauges = computed(() => gaugesAt(course.value, now.value, startPsi));
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

    return { gauges, told, stateOf, minute, restarts };
}
