import { answer, api, done, type Schemas } from '@/shared/api/client';

export type Account = Schemas['AccountResource'];

export const readAccount = (): Promise<Account> => answer(api.GET('/account'));

export const changePassword = (old: string, password: string): Promise<void> =>
    done(api.PUT('/account/password', { body: { old, password } }));

export const beginSecondFactor = (old: string): Promise<Schemas['SecondFactorResource']> =>
    answer(api.POST('/account/second-factor', { body: { old } }));

export const confirmSecondFactor = (code: string): Promise<Schemas['SecondFactorResource']> =>
    answer(api.PUT('/account/second-factor', { body: { code } }));

export const endSecondFactor = (old: string): Promise<void> =>
    done(api.DELETE('/account/second-factor', { body: { old } }));

export const makeSigningCode = (): Promise<Schemas['SigningCodeResource']> => answer(api.POST('/account/signing-code'));

export const endSession = (session: string): Promise<void> =>
    done(api.DELETE('/account/sessions/{session}', { params: { path: { session } } }));
