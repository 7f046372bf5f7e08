import { answer, api, type Schemas } from '@/shared/api/client';

export type AirChoices = Schemas['AirChoicesResource'];
export type Drill = AirChoices['sequences'][number]['drills'][number];
export type AirVehicle = Schemas['AirVehicleResource'];
export type AirRequest = Schemas['AirCourseRequest'];
export type AirCourse = Schemas['AirCourseResource'];
export type Practiced = Schemas['PracticedResource'];
export type Control = Schemas['BrakeEvent'];
export type Help = NonNullable<AirRequest['help']>;

export const readAirChoices = (): Promise<AirChoices> => answer(api.GET('/air/choices', {}));
/** Seals a fault that the practice shows on the vehicle; one of them is drawn where none is named. */
export const hideFault = async (body: Schemas['HideFaultRequest']): Promise<string> =>
    (await answer(api.POST('/air/fault', { body }))).faults;
export const askCourse = (body: AirRequest): Promise<AirCourse> => answer(api.POST('/air/course', { body }));
export const judgePractice = (body: AirRequest): Promise<Practiced> => answer(api.POST('/air/practices', { body }));
