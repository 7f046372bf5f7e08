import { ApiProblem } from '@/shared/api/client';
import { wordsOf } from '@/shared/wordsOf';
import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue';
import { proposeWeek, saveWeek, type Walk, type Week } from './api';

/** How a week stands on the page: what is kept, what is only proposed, and what was set before. */
export interface Planning {
    week: ComputedRef<Week>;
    /** Whether what is shown is not kept yet. */
    isProposal: ComputedRef<boolean>;
    closed: Ref<Set<string>>;
    away: Ref<Set<number>>;
    standing: Ref<Set<number>>;
    isBusy: Ref<boolean>;
    why: Ref<string>;
    canUndo: ComputedRef<boolean>;
    propose: () => Promise<void>;
    keep: () => Promise<void>;
    undo: () => Promise<void>;
    /** In place of the walk that it was before, if it was one. */
    set: (walk: Omit<Walk, 'why' | 'fixed'>, had?: Walk) => Promise<void>;
    clear: (walk: Walk) => Promise<void>;
    turn: (of: 'closed' | 'away' | 'standing', id: string | number) => void;
}

export function useWeek(read: Week): Planning {
    const week = shallowRef(read);
    const proposal = shallowRef<Week>();
    const before = shallowRef<Walk[][]>([]);
    const closed = ref(new Set<string>());
    const away = ref(new Set<number>());
    const standing = ref(new Set<number>());
    const isBusy = ref(false);
    const why = ref('');
    const shown = computed(() => proposal.value ?? week.value);

    async function doing(what: () => Promise<void>): Promise<void> {
        if (isBusy.value) return;
        isBusy.value = true;
        why.value = '';
        try {
            await what();
        } catch (error) {
            const place = error instanceof ApiProblem ? error.errors.map(({ message }) => message) : [];
            why.value = place.length > 0 ? place.join('; ') : wordsOf(error);
        } finally {
            isBusy.value = false;
        }
    }
    const bare = (walks: Walk[]): Omit<Walk, 'why'>[] =>
        walks.map(({ slot, student_id, vehicle_id, instructor_id, fixed }) => ({
            slot,
            student_id,
            vehicle_id,
            instructor_id,
            fixed,
        }));
    const taken = async (walks: Omit<Walk, 'why'>[]): Promise<void> => {
        const had = week.value.walks;
        week.value = await saveWeek({ from: week.value.from, revision: week.value.revision, walks });
        before.value = [...before.value, had];
        proposal.value = undefined;
    };
    const others = (all: { id: number }[], gone: Set<number>): number[] =>
        all.map(({ id }) => id).filter((id) => !gone.has(id));

    return {
        week: shown,
        isProposal: computed(() => proposal.value !== undefined),
        closed,
        away,
        standing,
        isBusy,
        why,
        canUndo: computed(() => before.value.length > 0 || proposal.value !== undefined),
        propose: () =>
            doing(async () => {
                proposal.value = await proposeWeek({
                    from: week.value.from,
                    walks: bare(week.value.walks).filter(({ fixed }) => fixed),
                    closed: [...closed.value],
                    instructors: others(week.value.instructors, away.value),
                    vehicles: others(week.value.vehicles, standing.value),
                });
            }),
        keep: () => doing(() => taken(bare(shown.value.walks))),
        undo: () =>
            doing(async () => {
                if (proposal.value !== undefined) {
                    proposal.value = undefined;
                    return;
                }
                const last = before.value.at(-1);
                if (last === undefined) return;
                const rest = before.value.slice(0, -1);
                await taken(bare(last));
                before.value = rest;
            }),
        set: (walk, had) =>
            doing(() => taken([...bare(shown.value.walks.filter((one) => one !== had)), { ...walk, fixed: true }])),
        clear: (walk) => doing(() => taken(bare(shown.value.walks.filter((one) => one !== walk)))),
        turn: (of, id) => {
            const all = { closed, away, standing }[of] as Ref<Set<string | number>>;
            const next = new Set(all.value);
            if (!next.delete(id)) next.add(id);
            all.value = next;
        },
    };
}
