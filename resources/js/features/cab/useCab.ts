import { wordsOf } from '@/shared/wordsOf';
import { Delivery, type DeliveryState } from '@/shared/outbox/Delivery';
import { useRafFn } from '@vueuse/core';
import { v7 } from 'uuid';
import { computed, onScopeDispose, readonly, ref, shallowReadonly, shallowRef } from 'vue';
import { askCourse, judgePractice, type AirCourse, type AirRequest, type Control, type Practiced } from './api';
import type { KeptCab } from './keptCab';
import { cabView } from './cabView';

/** How far ahead the course is asked for; with no control touched it is asked again before it ends. */
const AHEAD_MS = 90_000;
/** The server runs no cab for longer. */
const LONGEST_MS = 1_800_000;
/** Guidance is asked for once the hands rest so long. */
const REST_MS = 400;

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
    const guide = shallowRef<Practiced>();
    const judged = shallowRef<Practiced>();
    const judging = ref(false);
    /** Id of what the student says is wrong with the truck. */
    const suspected = ref<string | null>(null);
    const why = ref('');
    /** From a touch to the course that answers it, in ms. */
    const lag = ref(0);
    let touched = 0;
    /** Whether the course at hand is no longer enough. */
    let isDue = false;
    /** The practice as it ended, until the server has judged it. */
    let ended: AirRequest | undefined;
    let resting: ReturnType<typeof setTimeout> | undefined;
    onScopeDispose(() => {
        clearTimeout(resting);
        courses.stop();
        practice.stop();
    });

    const body = (untilMs: number, keep = false, moved = controls.value): AirRequest => ({
        vehicle_id: choice.vehicle.id,
        checklist_id: choice.sequence.id,
        faults: choice.faults,
        start_psi: choice.startPsi,
        help: choice.help,
        drill: choice.drill ?? null,
        from_ms: Math.floor(now.value),
        until_ms: Math.min(LONGEST_MS, Math.ceil(untilMs / 1000) * 1000),
        controls: moved,
        keep,
        ...(keep ? { id, hidden: choice.suspects.length > 0, suspected: suspected.value } : {}),
    });
    function fails(error: unknown): void {
        why.value = wordsOf(error);
    }
    const tell = (state: DeliveryState): void => {
        why.value = 'why' in state ? state.why : '';
    };

    /** One question at a time: what is touched meanwhile goes with the next, so that fanning does not pile them up. */
    const courses = new Delivery<Control[], AirCourse>({
        waiting: () => (isDue ? [controls.value] : []),
        send: async ([moved]) => {
            const asked = touched;
            const answer = await askCourse(body(now.value + AHEAD_MS, false, moved));
            lag.value = Math.round(performance.now() - asked);
            return answer;
        },
        confirmed: ([sent], answer) => {
            course.value = answer;
            heard.value = sent ?? [];
            isDue = controls.value !== sent;
        },
        state: tell,
    });

    function ask(): void {
        touched = performance.now();
        isDue = true;
        courses.nudge();
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
        // Whoever goes on has not ended it.
        ended = undefined;
        ask();
        clearTimeout(resting);
        if (choice.help === 'guided') resting = setTimeout(() => void look(), REST_MS);
    }

    useRafFn(() => {
        if (judged.value !== undefined) return;
        now.value = Math.min(LONGEST_MS, Math.max(Date.now() - began, controls.value.at(-1)?.at_ms ?? 0));
        const last = course.value.samples.at(-1)?.[0] ?? 0;
        if (!isDue && last > 0 && last < LONGEST_MS && now.value > last - AHEAD_MS / 3) ask();
    });

    const over = computed(() => now.value >= LONGEST_MS);

    const practice = new Delivery<AirRequest, Practiced>({
        waiting: () => (ended === undefined ? [] : [ended]),
        send: ([practiced]) => judgePractice(practiced ?? body(now.value, true)),
        confirmed: (_, answer) => {
            ended = undefined;
            judged.value = answer;
            end();
        },
        state: (state) => {
            judging.value = state.state === 'sending';
            tell(state);
        },
    });

    /** Has it judged and kept, once; as soon as the server can be reached. */
    async function finish(): Promise<void> {
        if (judging.value || judged.value !== undefined) return;
        ended = body(now.value, true);
        await practice.flush();
    }

    ask();
    if (choice.help === 'guided') void look();

    return {
        choice,
        now: readonly(now),
        controls: shallowReadonly(controls),
        guide: shallowReadonly(guide),
        judged: shallowReadonly(judged),
        judging: readonly(judging),
        suspected,
        why: readonly(why),
        over,
        lag: readonly(lag),
        touch,
        finish,
        ...cabView({ now, controls, course, heard }, choice.startPsi),
    };
}

export type Cab = ReturnType<typeof useCab>;
