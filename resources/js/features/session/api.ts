import { answer, api, type Schemas } from '@/shared/api/client';

export type User = Schemas['UserResource'];

export const readSession = (): Promise<User> => answer(api.GET('/session'));

export const signIn = (email: string, password: string): Promise<User> =>
    answer(api.POST('/session', { body: { email, password } }));

export async function signOut(): Promise<void> {
    await api.DELETE('/session');
}
