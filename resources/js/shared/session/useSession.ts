import { ApiProblem } from '@/shared/api/client';
import { useSchoolZone } from '@/shared/format';
import { readonly, ref, type DeepReadonly, type Ref } from 'vue';
import * as session from './api';

const user = ref<session.User>();
const KEPT = 'pasada-user';
/** Set while the server has not heard yet that somebody signed out here without network. */
const LEFT = 'pasada-signed-out';

function keep(who: session.User | undefined): void {
    user.value = who;
    useSchoolZone(who?.time_zone);
    if (who === undefined) localStorage.removeItem(KEPT);
    else localStorage.setItem(KEPT, JSON.stringify(who));
}

/** Whether somebody was signed in on this device and did not sign out. */
export const remembersSomebody = (): boolean => user.value !== undefined || localStorage.getItem(KEPT) !== null;

/** Ends the session on the server; without network that is done the next time the page is opened with it. */
async function leave(): Promise<void> {
    localStorage.setItem(LEFT, 'yes');
    try {
        // Asked first: the answer brings the token that ending it sends back, should the page have been open for long.
        await session.readSession();
        await session.signOut();
    } catch (error) {
        // Told by the server, there is no session of anybody's any more.
        if (!(error instanceof ApiProblem && error.is('signed-out'))) return;
    }
    localStorage.removeItem(LEFT);
}

/** Who is signed in. Remembered on the device so that a walk can go on while the server is away. */
export function useSession(): {
    user: DeepReadonly<Ref<session.User | undefined>>;
    restore: () => Promise<void>;
    /** Asked anew, where something about the account has changed. */
    refresh: () => Promise<void>;
    signIn: (email: string, password: string, code?: string) => Promise<void>;
    signOut: () => Promise<void>;
    expire: () => void;
} {
    async function restore(): Promise<void> {
        if (user.value !== undefined) return;
        if (localStorage.getItem(LEFT) !== null) await leave();
        if (localStorage.getItem(LEFT) !== null) return;
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
        refresh: async () => keep(await session.readSession()),
        signIn: async (email, password, code) => {
            keep(await session.signIn(email, password, code));
            localStorage.removeItem(LEFT);
        },
        /** Takes all that can be read from this device, but for what waits to be sent; with or without network. */
        signOut: async () => {
            // Only here, so that the page of who signs in does not wait for what keeps walks on the device.
            const { Device } = await import('@/shared/outbox/Device');
            const device = new Device(user.value?.id ?? 0);
            await leave();
            await device.forget().catch(() => undefined);
            keep(undefined);
        },
        expire: () => keep(undefined),
    };
}
