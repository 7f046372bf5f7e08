import { allPages, api, type Schemas } from '@/shared/api/client';

export type Entry = Schemas['LibraryEntryResource'];
export type Kind = Schemas['DraftResource']['kind'];

/** Checklists or vehicles with their versions, by name. */
export const listShelf = async (kind: Kind): Promise<Entry[]> =>
    (await allPages((cursor) => api.GET('/library/{kind}', { params: { path: { kind }, query: cursor } }))).sort(
        (a, b) => a.name.localeCompare(b.name),
    );
