import { answer, api, Unreachable, type Schemas } from '@/shared/api/client';

export type User = Schemas['UserResource'];

export const readSession = (): Promise<User> => answer(api.GET('/session'));

export const signIn = (email: string, password: string): Promise<User> =>
    answer(api.POST('/session', { body: { email, password } }));

export async function signOut(): Promise<void> {
    let call;
    try {
        call = await api.DELETE('/session');
    } catch {
        throw new Unreachable();
    }
    if (!call.response.ok) await answer(Promise.resolve(call));
}

/** Whether this holds made-up data that anybody can sign in to; unknown without network. */
export const readAbout = (): Promise<{ is_demo: boolean; version: string }> => answer(api.GET('/about'));
