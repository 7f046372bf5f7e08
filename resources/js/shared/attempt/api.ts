import { readSession } from '@/shared/session/api';
import { answer, api, ApiProblem, type Schemas } from '@/shared/api/client';
import type { Mark } from '@/shared/outbox/Outbox';

export type Attempt = Schemas['AttemptResource'];
export type Sheet = Schemas['SheetResource'];
export type Item = Schemas['ItemResource'];
export type Place = Schemas['PlaceResource'];
export type Point = Schemas['PointResource'];
export type PointCode = NonNullable<Mark['points']>[number];
export type History = Schemas['HistoryResource'];

const at = (id: string): { params: { path: { attempt: string } } } => ({ params: { path: { attempt: id } } });

export const readAttempt = (id: string): Promise<Attempt> => answer(api.GET('/attempts/{attempt}', at(id)));

export async function sendMarks(id: string, recorder: string, marks: Mark[]): Promise<Sheet> {
    const send = (): Promise<Sheet> =>
        answer(api.POST('/attempts/{attempt}/marks', { ...at(id), body: { recorder, marks } }));
    try {
        return await send();
    } catch (error) {
        if (!(error instanceof ApiProblem) || !error.is('page-expired')) throw error;
        // Asking who is signed in brings a new token, or tells that nobody is.
        await readSession();
        return send();
    }
}

/** The sheet if it is newer than the tag says; undefined if nothing is new. */
export async function readSheet(
    id: string,
    tag: string | undefined,
): Promise<{ sheet: Sheet; tag: string } | undefined> {
    const call = await api.GET('/attempts/{attempt}/sheet', {
        ...at(id),
        headers: tag === undefined ? {} : { 'If-None-Match': tag },
        cache: 'no-store',
    });
    if (call.response.status === 304) return undefined;
    const sheet = await answer(Promise.resolve(call));
    return { sheet, tag: call.response.headers.get('ETag') ?? '' };
}

export const readHistory = (id: string): Promise<History[]> => answer(api.GET('/attempts/{attempt}/marks', at(id)));

export async function shareAttempt(id: string, live: boolean): Promise<void> {
    const { error, response } = await api.PUT('/attempts/{attempt}/live', { ...at(id), body: { live } });
    if (!response.ok) throw new ApiProblem(response.status, error?.detail ?? 'This could not be changed.');
}

export async function discardAttempt(id: string, reason: string): Promise<void> {
    const { error, response } = await api.POST('/attempts/{attempt}/discard', { ...at(id), body: { reason } });
    if (!response.ok) throw new ApiProblem(response.status, error?.detail ?? 'The walk could not be discarded.');
}

export const keepPhrases = (phrases: string[]): Promise<string[]> =>
    answer(api.PUT('/school/phrases', { body: { phrases } }));
