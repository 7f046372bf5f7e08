import { answer, api, type Schemas } from '@/shared/api/client';

export const listStudents = (): Promise<Schemas['StudentCardResource'][]> => answer(api.GET('/students'));

export const readStudent = (id: number): Promise<Schemas['StudentRecordResource']> =>
    answer(api.GET('/students/{student}', { params: { path: { student: id } } }));
