import { answer, api, type Schemas } from '@/shared/api/client';

export type Bench = Schemas['BrakeBenchResource'];
export type BrakeEvent = Schemas['BrakeEvent'];
/** Something observed, with its id and the time in the walk. */
export type Observation = Schemas['BrakeObservation'];
/** A line of the bench's log: an observation, or the id of one that is taken back. */
export type Entry = Schemas['BrakeEntry'];
export type Step = Schemas['BrakeStepResource'];

const at = (id: string): { params: { path: { attempt: string } } } => ({ params: { path: { attempt: id } } });

export const readBench = (id: string): Promise<Bench> => answer(api.GET('/attempts/{attempt}/brakes', at(id)));

export const sendEntries = (id: string, events: Entry[]): Promise<Bench> =>
    answer(api.POST('/attempts/{attempt}/brakes', { ...at(id), body: { events } }));

/** @param list id of this list: sent again, it is taken in once */
export const importBench = (id: string, list: string, name: string, content: string): Promise<Bench> =>
    answer(api.PUT('/attempts/{attempt}/brakes/file', { ...at(id), body: { id: list, name, content } }));
