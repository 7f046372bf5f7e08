import type { Schemas } from '@/shared/api/client';

export type ItemState = Schemas['OutcomeResource']['status'];

/** Words and colour token of each state; the shapes are in StateGlyph.vue. Shape and word come before colour. */
export const states: Record<ItemState, { word: string; token: string; means: string }> = {
    whole: { word: 'heard whole', token: '--strong', means: 'earned all it is worth' },
    carried: {
        word: 'carried over',
        token: '--strong',
        means: 'earned by a spoken reference to the same part elsewhere',
    },
    partial: { word: 'said in part', token: '--part', means: 'named, but something it needs was not said' },
    late: { word: 'said late', token: '--late', means: 'said only after the place was closed' },
    later_added: {
        word: 'partial, later added',
        token: '--late',
        means: 'some of it in time, some of what lacked only after the place was closed',
    },
    wrong: { word: 'said wrong', token: '--lost', means: 'said, but with a wrong figure, colour or name' },
    over_defect: {
        word: 'defect passed over',
        token: '--lost',
        means: 'recited as sound although the part is known to be bad',
    },
    not_fitted: { word: 'not fitted', token: '--waved', means: 'not on this vehicle, so not asked' },
    missed: { word: 'missed', token: '--lost', means: 'its place is done and it was not said' },
    not_reached: { word: 'not reached', token: '--quiet', means: 'not said yet, its place is still to come' },
};
