import { allPages, answer, api, type Schemas } from '@/shared/api/client';
import { listShelf, type Entry, type Kind } from '@/shared/library/api';

export interface Library {
    checklists: Entry[];
    vehicles: Entry[];
    drafts: Schemas['DraftCardResource'][];
}
export type { Entry, Kind };
export type Effect = Schemas['EffectResource'];
export type ChecklistDocument = Schemas['ChecklistDocument'];
export type VehicleDocument = Schemas['VehicleDocument'];
export type Draft = Schemas['DraftResource'];
export type EditorWords = Schemas['EditorWordsResource'];
export type VehicleWords = Schemas['VehicleWordsResource'];
export type BrakeStep = NonNullable<NonNullable<ChecklistDocument['rules']['brake_tests']>['steps']>[number];

const at = (id: string): { params: { path: { draft: string } } } => ({ params: { path: { draft: id } } });

export const readEditorWords = (): Promise<EditorWords> => answer(api.GET('/library/words'));

export const readUsualVehicles = (): Promise<Schemas['UsualVehiclesResource']> => answer(api.GET('/library/usual'));

/** The drafts that are open, the one changed last first. */
const listDrafts = async (): Promise<Library['drafts']> =>
    (await allPages((cursor) => api.GET('/drafts', { params: { query: cursor } }))).sort((a, b) =>
        b.changed_at.localeCompare(a.changed_at),
    );

export async function readLibrary(): Promise<Library> {
    const [checklists, vehicles, drafts] = await Promise.all([
        listShelf('checklist'),
        listShelf('vehicle'),
        listDrafts(),
    ]);
    return { checklists, vehicles, drafts };
}

export const openDraft = (body: Schemas['OpenDraftRequest']): Promise<Draft> => answer(api.POST('/drafts', { body }));

export const readDraft = (id: string): Promise<Draft> => answer(api.GET('/drafts/{draft}', at(id)));

export const saveDraft = (id: string, step: number, document: object): Promise<Draft> =>
    answer(api.PUT('/drafts/{draft}', { ...at(id), body: { step, document: document as Record<string, never> } }));

export const undoDraft = (id: string, step: number): Promise<Draft> =>
    answer(api.POST('/drafts/{draft}/undo', { ...at(id), body: { step } }));

export const redoDraft = (id: string, step: number): Promise<Draft> =>
    answer(api.POST('/drafts/{draft}/redo', { ...at(id), body: { step } }));

export const importTable = (id: string, step: number, csv: string): Promise<Draft> =>
    answer(api.POST('/drafts/{draft}/table', { ...at(id), body: { step, csv } }));

export const readEffect = (id: string): Promise<Effect> => answer(api.GET('/drafts/{draft}/effect', at(id)));

export const publishDraft = (
    id: string,
    step: number,
    from: string,
    reason: string,
): Promise<Schemas['VersionResource']> =>
    answer(api.POST('/drafts/{draft}/publish', { ...at(id), body: { step, in_force_from: from, reason } }));

export async function withdrawVersion(kind: Kind, id: number, reason: string | null): Promise<void> {
    const call = await api.PUT('/library/{kind}/{id}/withdrawal', { params: { path: { kind, id } }, body: { reason } });
    if (!call.response.ok) await answer(Promise.resolve(call));
}

export async function archiveDocument(kind: Kind, id: number, reason: string | null): Promise<void> {
    const call = await api.PUT('/library/{kind}/{id}/archive', { params: { path: { kind, id } }, body: { reason } });
    if (!call.response.ok) await answer(Promise.resolve(call));
}

export async function dropDraft(id: string): Promise<void> {
    const call = await api.DELETE('/drafts/{draft}', at(id));
    if (!call.response.ok) await answer(Promise.resolve(call));
}

export const restoreDraft = (id: string): Promise<Draft> => answer(api.POST('/drafts/{draft}/restore', at(id)));

export const readChanges = (kind: Kind, id: number, since: number): Promise<Schemas['ChangeResource'][]> =>
    answer(api.GET('/library/{kind}/{id}/changes', { params: { path: { kind, id }, query: { since } } }));

export type PartsList = Schemas['PartsListResource'];
export type ListedPart = Schemas['ListedPartResource'];

export const readPartsList = (id: string, body: Schemas['ReadListRequest']): Promise<PartsList> =>
    answer(api.POST('/drafts/{draft}/list', { ...at(id), body }));

export type Asked = Schemas['AskedResource'];

export const readAsked = (checklist: number, vehicle: number, form: string | null): Promise<Asked> =>
    answer(
        api.GET('/library/asked', {
            params: { query: { checklist_id: checklist, vehicle_id: vehicle, ...(form === null ? {} : { form }) } },
        }),
    );
