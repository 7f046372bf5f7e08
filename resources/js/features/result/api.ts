import { answer, api, type Schemas } from '@/shared/api/client';

export type Result = Schemas['ResultResource'];

export const readResult = (id: string): Promise<Result> =>
    answer(api.GET('/attempts/{attempt}/result', { params: { path: { attempt: id } } }));

export const rescore = (id: string, checklist: number): Promise<Schemas['RescoreResource']> =>
    answer(
        api.GET('/attempts/{attempt}/what-if', {
            params: { path: { attempt: id }, query: { checklist_id: checklist } },
        }),
    );
