import { answer, api, type Schemas } from '@/shared/api/client';

export type HeardWords = Schemas['HeardWordsResource'];
export type Suggestion = Schemas['SuggestionResource'];
export type Caption = Schemas['CaptionResource'];
export type LiveCaption = Schemas['LivePiecesRequest']['pieces'][number];

const at = (id: string): { params: { path: { attempt: string } } } => ({ params: { path: { attempt: id } } });

/** Captions larger than this are refused by the server; asking first saves the way. */
export const LARGEST_BYTES = 2 * 1024 * 1024;

/** What was heard in the captions of an attempt; undefined where none were added. */
export async function readRecording(id: string): Promise<HeardWords | undefined> {
    const call = await api.GET('/attempts/{attempt}/recording', at(id));
    return call.response.status === 204 ? undefined : answer(Promise.resolve(call));
}

/** @param captions id of these captions: sent again, they are added once */
export const addRecording = (id: string, captions: string, name: string, content: string): Promise<HeardWords> =>
    answer(api.PUT('/attempts/{attempt}/recording', { ...at(id), body: { id: captions, name, content } }));

export async function turnDown(id: string, lines: { id: string; key: string; down: boolean }[]): Promise<void> {
    const call = await api.POST('/attempts/{attempt}/recording/turned-down', {
        ...at(id),
        body: { turned_down: lines },
    });
    if (!call.response.ok) await answer(Promise.resolve(call));
}

/** What the words so far propose; nothing is kept. */
export const hearLive = (id: string, pieces: LiveCaption[]): Promise<Suggestion[]> =>
    answer(api.POST('/attempts/{attempt}/heard', { ...at(id), body: { pieces } }));
