import { allPages, answer, api, type Schemas } from '@/shared/api/client';
import type { Classes } from '@/shared/classes/api';

export type Person = Schemas['PersonResource'];
export type Link = Schemas['LinkResource'];
export type Role = Person['roles'][number];
export type SchoolClass = Schemas['SchoolClassResource'];

export const listPeople = (): Promise<Person[]> =>
    allPages((cursor) => api.GET('/people', { params: { query: cursor } }));

export const addPerson = (body: Schemas['SavePersonRequest']): Promise<Link> => answer(api.POST('/people', { body }));

export const changePerson = (user: number, body: Schemas['SavePersonRequest']): Promise<Person> =>
    answer(api.PUT('/people/{user}', { params: { path: { user } }, body }));

export const closePerson = (user: number, closed: boolean): Promise<Person> =>
    answer(api.PUT('/people/{user}/closed', { params: { path: { user } }, body: { closed } }));

export const makeLink = (user: number): Promise<Link> =>
    answer(api.POST('/people/{user}/link', { params: { path: { user } } }));

export const saveClass = (id: number | null, body: Schemas['SaveClassRequest']): Promise<Classes> =>
    id === null
        ? answer(api.POST('/classes', { body }))
        : answer(api.PUT('/classes/{class}', { params: { path: { class: id } }, body }));
