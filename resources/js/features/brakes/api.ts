import { answer, api, type Schemas } from '@/shared/api/client';

export type Bench = Schemas['BrakeBenchResource'];
export type BrakeEvent = Schemas['BrakeEvent'];
export type Step = Schemas['BrakeStepResource'];

const at = (id: string): { params: { path: { attempt: string } } } => ({ params: { path: { attempt: id } } });

export const readBench = (id: string): Promise<Bench> => answer(api.GET('/attempts/{attempt}/brakes', at(id)));

export const keepBench = (id: string, events: BrakeEvent[], takenBack: BrakeEvent[]): Promise<Bench> =>
    answer(api.PUT('/attempts/{attempt}/brakes', { ...at(id), body: { events, taken_back: takenBack } }));

export const importBench = (id: string, name: string, content: string): Promise<Bench> =>
    answer(api.PUT('/attempts/{attempt}/brakes/file', { ...at(id), body: { name, content } }));
