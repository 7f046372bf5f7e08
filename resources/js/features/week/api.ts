import { answer, api, type Schemas } from '@/shared/api/client';

export type Week = Schemas['WeekResource'];
export type Walk = Schemas['YardWalkResource'];
type Body = Schemas['WeekRequest'];

export const readWeek = (from: string): Promise<Week> => answer(api.GET('/week', { params: { query: { from } } }));
export const proposeWeek = (body: Body): Promise<Week> => answer(api.POST('/week/proposal', { body }));
export const saveWeek = (body: Body): Promise<Week> => answer(api.PUT('/week', { body }));
