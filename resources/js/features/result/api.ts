import { answer, api, type Schemas } from '@/shared/api/client';

export type Result = Schemas['ResultResource'];

export const readResult = (id: string): Promise<Result> =>
    answer(api.GET('/attempts/{attempt}/result', { params: { path: { attempt: id } } }));
