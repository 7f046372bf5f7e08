import type { Schemas } from '@/shared/api/client';

export type ItemState = Schemas['OutcomeResource']['status'];

/** Words and colour token of each state; the shapes are in StateGlyph.vue. Shape and word come before colour. */
export const states: Record<ItemState, { word: string; token: string; means: string }> = {
    whole: { word: 'complete', token: '--strong', means: 'earned all it is worth' },
    carried: {
        word: 'carried over',
        token: '--strong',
        means: 'earned by a spoken reference to the same part elsewhere',
    },
    partial: { word: 'partial', token: '--part', means: 'named, but something it needs was not said' },
    late: { word: 'said late', token: '--late', means: 'said only after the place was closed' },
    later_added: {
        word: 'completed late',
        token: '--late',
        means: 'some of it in time, some of what lacked only after the place was closed',
    },
    wrong: { word: 'said wrong', token: '--lost', means: 'said, but with a wrong figure, color or name' },
    over_defect: {
        word: 'defect not noticed',
        token: '--lost',
        means: 'said to be OK although the part has a known defect',
    },
    not_fitted: { word: 'not equipped', token: '--waved', means: 'not on this vehicle, so not asked' },
    missed: { word: 'missed', token: '--lost', means: 'its place is done and it was not said' },
    not_reached: { word: 'not reached', token: '--quiet', means: 'not said yet, its place is still to come' },
};
