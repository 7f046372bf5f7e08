import { answer, api, type Schemas } from '@/shared/api/client';

export type Rehearsed = Schemas['RehearsedResource'];
export type Rehearsal = Schemas['RehearsalResource'];
export type ScopeChoice = Schemas['ScopeResource'];
export type Unsaid = Schemas['UnsaidResource'];

export const rehearse = (student: number, rehearsal: string, body: Schemas['RehearseRequest']): Promise<Rehearsed> =>
    answer(api.PUT('/students/{student}/rehearsals/{rehearsal}', { params: { path: { student, rehearsal } }, body }));

/** Address of the words to say of a place or an item, spoken. */
export const modelUrl = (student: number, of: { checklist: number; vehicle: number; scope: string }): string =>
    `/api/v1/students/${student}/model?${new URLSearchParams({
        checklist_id: String(of.checklist),
        vehicle_id: String(of.vehicle),
        scope: of.scope,
    }).toString()}`;
