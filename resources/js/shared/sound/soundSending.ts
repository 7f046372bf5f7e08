import { SoundSender } from './SoundSender';

let sender: SoundSender | undefined;

/** Sends what waits of this user from now on; of nobody when nobody is signed in. */
export function sendSoundOf(user: number | undefined): void {
    sender?.stop();
    sender = user === undefined || !('locks' in navigator) ? undefined : new SoundSender(user);
    sender?.nudge();
}

/** Something new waits. */
export const nudgeSound = (): void => sender?.nudge();
