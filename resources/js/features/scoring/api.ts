import { readSession } from '@/features/session/api';
import { answer, api, ApiProblem, type Schemas } from '@/shared/api/client';
import type { Mark } from '@/shared/outbox/Outbox';

export type Attempt = Schemas['AttemptResource'];
export type Sheet = Schemas['SheetResource'];
export type Item = Schemas['ItemResource'];
export type Place = Schemas['PlaceResource'];
export type PointCode = NonNullable<Mark['points']>[number];

export const readAttempt = (id: string): Promise<Attempt> =>
    answer(api.GET('/attempts/{attempt}', { params: { path: { attempt: id } } }));

/** Answered 419 when the page's token is older than its session. */
const TOKEN_EXPIRED = 419;

export async function sendMarks(id: string, recorder: string, marks: Mark[]): Promise<Sheet> {
    const send = (): Promise<Sheet> =>
        answer(api.POST('/attempts/{attempt}/marks', { params: { path: { attempt: id } }, body: { recorder, marks } }));
    try {
        return await send();
    } catch (error) {
        if (!(error instanceof ApiProblem) || error.status !== TOKEN_EXPIRED) throw error;
        // Asking who is signed in brings a new token, or tells that nobody is.
        await readSession();
        return send();
    }
}
