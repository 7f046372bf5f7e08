import { computed, type ComputedRef } from 'vue';
import type { Attempt } from '@/shared/attempt/api';

/** What an examiner confirms at the start, and how it is kept. */
export function useIdentity(attempt: () => Attempt | undefined): {
    questions: ComputedRef<{ id: string; asks: string; kept: string }[]>;
} {
    return {
        questions: computed(() => {
            const card = attempt()?.card;
            const form = attempt()?.inspection.form;
            return [
                {
                    id: 'student',
                    asks: `The person before me is ${card?.student}; I have seen a paper with a picture.`,
                    kept: `identity of ${card?.student}`,
                },
                {
                    id: 'vehicle',
                    asks: `The vehicle is ${card?.vehicle}, chocked, brakes set, key out.`,
                    kept: `vehicle ${card?.vehicle}, chocked`,
                },
                {
                    id: 'told',
                    asks: `The student knows what is asked${form ? ` (${form})` : ''} and that no help is given.`,
                    kept: `student told what is asked${form ? ` (${form})` : ''}`,
                },
            ];
        }),
    };
}
