import { ApiProblem } from '@/shared/api/client';
import { useSchoolZone } from '@/shared/format';
import { readonly, ref, type DeepReadonly, type Ref } from 'vue';
import * as session from './api';

const user = ref<session.User>();
const KEPT = 'pasada-user';

function keep(who: session.User | undefined): void {
    user.value = who;
    useSchoolZone(who?.time_zone);
    if (who === undefined) localStorage.removeItem(KEPT);
    else localStorage.setItem(KEPT, JSON.stringify(who));
}

/** Who is signed in. Remembered on the device so that a walk can go on while the server is away. */
export function useSession(): {
    user: DeepReadonly<Ref<session.User | undefined>>;
    restore: () => Promise<void>;
    signIn: (email: string, password: string) => Promise<void>;
    signOut: () => Promise<void>;
    expire: () => void;
} {
    async function restore(): Promise<void> {
        if (user.value !== undefined) return;
        try {
            keep(await session.readSession());
        } catch (error) {
            if (error instanceof ApiProblem) return keep(undefined);
            const kept = localStorage.getItem(KEPT);
            if (kept !== null) keep(JSON.parse(kept) as session.User);
        }
    }
    return {
        user: readonly(user),
        restore,
        signIn: async (email, password) => keep(await session.signIn(email, password)),
        signOut: async () => {
            await session.signOut();
            keep(undefined);
        },
        expire: () => keep(undefined),
    };
}
