import { answer, api, type Schemas } from '@/shared/api/client';
import type { Mark } from '@/shared/outbox/Outbox';

export type Attempt = Schemas['AttemptResource'];
export type Sheet = Schemas['SheetResource'];
export type Item = Schemas['ItemResource'];
export type Place = Schemas['PlaceResource'];
export type PointCode = NonNullable<Mark['points']>[number];

export const readAttempt = (id: string): Promise<Attempt> =>
    answer(api.GET('/attempts/{attempt}', { params: { path: { attempt: id } } }));

export const sendMarks = (id: string, recorder: string, marks: Mark[]): Promise<Sheet> =>
    answer(api.POST('/attempts/{attempt}/marks', { params: { path: { attempt: id } }, body: { recorder, marks } }));
