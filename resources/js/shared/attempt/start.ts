import { answer, api, type Schemas } from '@/shared/api/client';

/** How the id of chosen sections begins, as the server has it; the ids of the sections follow, joined by a plus. */
export const CHOSEN = 'only:';
export const chosenForm = (sections: string[]): string => CHOSEN + sections.join('+');

export const readChoices = (): Promise<Schemas['ChoicesResource']> => answer(api.GET('/choices'));

export const prepareWalk = (
    vehicle: number,
    checklist: number,
    form: string | undefined,
): Promise<Schemas['PreparedResource']> =>
    answer(
        api.GET('/prepared', {
            params: {
                query: { vehicle_id: vehicle, checklist_id: checklist, ...(form === undefined ? {} : { form }) },
            },
        }),
    );

export const startAttempt = (body: Schemas['StartAttemptRequest']): Promise<Schemas['AttemptResource']> =>
    answer(api.POST('/attempts', { body }));

/** Under what a prepared walk is kept on the device. */
export const keyOfPrepared = (vehicle: number, checklist: number, form: string | undefined): string =>
    `prepared-${vehicle}-${checklist}-${form ?? ''}`;
