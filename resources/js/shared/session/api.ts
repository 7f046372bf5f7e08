import { answer, api, Unreachable, type Schemas } from '@/shared/api/client';

export type User = Schemas['UserResource'];

export const readSession = (): Promise<User> => answer(api.GET('/session'));

export const signIn = (email: string, password: string, code?: string): Promise<User> =>
    answer(api.POST('/session', { body: { email, password, ...(code !== undefined && { code }) } }));

export async function signOut(): Promise<void> {
    let call;
    try {
        call = await api.DELETE('/session');
    } catch {
        throw new Unreachable();
    }
    if (!call.response.ok) await answer(Promise.resolve(call));
}

export type About = { is_demo: boolean; needs_setup: boolean; version: string };

/** Whether this holds made-up data, a school, or nothing yet; unknown without network. */
export const readAbout = (): Promise<About> => answer(api.GET('/about'));
