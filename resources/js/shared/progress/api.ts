import { answer, api, type Schemas } from '@/shared/api/client';

export type Readiness = Schemas['ReadinessResource'];
export type Mastery = Schemas['MasteryResource'];
export type Session = Schemas['SessionResource'];
export type ClassView = Schemas['ClassResource'];
export type ExamResult = Schemas['ExamResultResource'];

export const readReadiness = (student: number): Promise<Readiness> =>
    answer(api.GET('/students/{student}/readiness', { params: { path: { student } } }));

export const readClass = (): Promise<ClassView> => answer(api.GET('/class'));

export const recordExam = (student: number, body: Schemas['ExamResultRequest']): Promise<ExamResult> =>
    answer(api.POST('/students/{student}/exams', { params: { path: { student } }, body }));

export async function withdrawExam(exam: string): Promise<void> {
    const call = await api.DELETE('/exams/{exam}', { params: { path: { exam } } });
    if (!call.response.ok) await answer(Promise.resolve(call));
}

export const recite = (student: number, body: Schemas['ReciteRequest']): Promise<Schemas['RecitedResource']> =>
    answer(api.POST('/students/{student}/recitals', { params: { path: { student } }, body }));

export type ScoringHealth = Schemas['ScoringHealthResource'];

export const readScoringHealth = (): Promise<ScoringHealth> => answer(api.GET('/scoring-health'));

export const readCalendar = (): Promise<Schemas['CalendarResource']> => answer(api.GET('/week/calendar'));
export const renewCalendar = (): Promise<Schemas['CalendarResource']> => answer(api.POST('/week/calendar'));
