import { api, pages, type Schemas } from '@/shared/api/client';

export type Classes = Schemas['ClassesResource'];

/** The classes of the school by name, and whom and what there is to choose for one. */
export async function listClasses(): Promise<Classes> {
    const [first, ...more] = await pages((cursor) => api.GET('/classes', { params: { query: cursor } }));
    if (first === undefined) throw new Error('A list has one page at least.');
    return { ...first, classes: [first, ...more].flatMap(({ classes }) => classes) };
}
