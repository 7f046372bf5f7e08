import { allPages, answer, api, done, onePage, type Schemas } from '@/shared/api/client';

/** Rows that come at a time; the page sorts and searches among all of them. */
const AT_A_TIME = 100;

export const listStudents = (): Promise<Schemas['StudentCardResource'][]> =>
    allPages((cursor) => api.GET('/students', { params: { query: { limit: AT_A_TIME, ...cursor } } }));

export const readStudent = (id: number): Promise<Schemas['StudentRecordResource']> =>
    answer(api.GET('/students/{student}', { params: { path: { student: id } } }));

export type Walk = Schemas['AttemptCardResource'];

/** Walks before those that the record brings, the newest first, and where still older ones begin. */
export const listOlderWalks = (student: number, cursor: string): Promise<{ rows: Walk[]; next: string | null }> =>
    onePage(
        api.GET('/students/{student}/attempts', {
            params: { path: { student }, query: { limit: AT_A_TIME, cursor } },
        }),
    );

export const saveStudent = (
    id: number | null,
    body: Schemas['SaveStudentRequest'],
): Promise<Schemas['StudentRecordResource']> =>
    id === null
        ? answer(api.POST('/students', { body }))
        : answer(api.PUT('/students/{student}', { params: { path: { student: id } }, body }));

export const archiveStudent = (student: number, archived: boolean): Promise<void> =>
    done(api.PUT('/students/{student}/archived', { params: { path: { student } }, body: { archived } }));

export const letStudentIn = (student: number, email: string): Promise<Schemas['LinkResource']> =>
    answer(api.PUT('/students/{student}/account', { params: { path: { student } }, body: { email } }));

export const listAppointments = (student: number): Promise<Schemas['AppointmentResource'][]> =>
    answer(api.GET('/students/{student}/appointments', { params: { path: { student } } }));

export const noteAppointment = (
    student: number,
    body: Schemas['AppointmentRequest'],
): Promise<Schemas['AppointmentResource']> =>
    answer(api.POST('/students/{student}/appointments', { params: { path: { student } }, body }));

export const cancelAppointment = (appointment: string): Promise<void> =>
    done(api.DELETE('/appointments/{appointment}', { params: { path: { appointment } } }));

export const bringStudents = (body: Schemas['RosterRequest']): Promise<Schemas['RosterResource']> =>
    answer(api.POST('/students/list', { body }));

export const mergeStudent = (student: number, into: number): Promise<Schemas['StudentRecordResource']> =>
    answer(api.POST('/students/{student}/merge', { params: { path: { student } }, body: { into } }));
