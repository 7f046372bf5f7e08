import { answer, api, done, type Schemas } from '@/shared/api/client';

export type Invited = { name: string; email: string; school: string };

export const setUp = (body: Schemas['SetUpRequest']): Promise<Schemas['UserResource']> =>
    answer(api.POST('/setup', { body }));

export const readLink = (token: string): Promise<Invited> =>
    answer(api.GET('/links/{token}', { params: { path: { token } } }));

/** Whoever has a second factor is not signed in by it. */
export const useLink = async (token: string, password: string): Promise<void> => {
    await done(api.POST('/links/{token}', { params: { path: { token } }, body: { password } }));
};
