import type { KeptSound } from './SoundDb';
import { SoundSender } from './SoundSender';

let sender: SoundSender | undefined;

/** Sends what waits of this user from now on; of nobody when nobody is signed in. */
export function sendSoundOf(user: number | undefined): void {
    sender?.stop();
    sender = user === undefined || !('locks' in navigator) ? undefined : new SoundSender(user);
    sender?.nudge();
}

/** Recordings of who is signed in that are not all on the server. */
export const waitingSound = (): Promise<KeptSound[]> => sender?.waiting() ?? Promise.resolve([]);

export const retrySound = (id: string): Promise<void> => sender?.retry(id) ?? Promise.resolve();

export const dropSound = (id: string): Promise<void> => sender?.drop(id) ?? Promise.resolve();

/** Something new waits. */
export const nudgeSound = (): void => sender?.nudge();
