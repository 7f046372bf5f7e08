import { allPages, answer, api, done, type Schemas } from '@/shared/api/client';

export type Change = Schemas['RescoreResource'];
type Right = Schemas['SetRightRequest'];

export const setRight = (attempt: string, body: Right): Promise<Change> =>
    answer(api.POST('/attempts/{attempt}/right', { params: { path: { attempt } }, body }));

export const voidAttempt = (attempt: string, reason: string | null): Promise<void> =>
    done(api.PUT('/attempts/{attempt}/void', { params: { path: { attempt } }, body: { reason } }));

/** Who may score, as options of a list. */
export const listScorers = async (): Promise<{ value: number; label: string }[]> =>
    (await allPages((cursor) => api.GET('/people', { params: { query: cursor } })))
        .filter(({ closed, may_score: scores }) => !closed && scores)
        .map(({ id, name }) => ({ value: id, label: name }));

export const listChoices = (): Promise<Schemas['ChoicesResource']> => answer(api.GET('/choices'));
