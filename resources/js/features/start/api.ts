import { answer, api, type Schemas } from '@/shared/api/client';

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
