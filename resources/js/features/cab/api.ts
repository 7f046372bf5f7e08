import { answer, api, type Schemas } from '@/shared/api/client';

export type AirRequest = Schemas['AirCourseRequest'];
export type AirCourse = Schemas['AirCourseResource'];
export type Practised = Schemas['PractisedResource'];
export type Control = Schemas['BrakeEvent'];

export const hideFault = async (): Promise<string> => (await answer(api.POST('/air/fault', {}))).faults;
export const askCourse = (body: AirRequest): Promise<AirCourse> => answer(api.POST('/air/course', { body }));
export const judgePractice = (body: AirRequest): Promise<Practised> => answer(api.POST('/air/practices', { body }));
