import { answer, api, type Schemas } from '@/shared/api/client';

export const readToday = (): Promise<Schemas['TodayResource']> => answer(api.GET('/today'));
