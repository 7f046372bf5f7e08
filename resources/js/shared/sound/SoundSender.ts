import { wordsOf } from '@/shared/wordsOf';
import { answer, api, ApiProblem, done, isPassing } from '@/shared/api/client';
import { Device } from '@/shared/outbox/Device';
import { rawBody } from './rawBody';
import { lockOf } from './Recorder';
import { SoundDb, type KeptSound } from './SoundDb';

/** Said of the sound itself; who is signed out, or has to give a code, comes back. */
const isRefused = (error: unknown): boolean =>
    !isPassing(error) && error instanceof ApiProblem && error.status !== 401 && !error.is('second-factor-missing');

/** Between two tries while the server is away. */
const AGAIN_MS = 5000;

/**
 * Sends the sound that waits on this device: in order, each piece once, in whatever page and however late. What was
 * said just now goes first.
 */
export class SoundSender {
    #db = new SoundDb();
    #device: Device;
    #busy = false;
    #again = false;
    #timer: ReturnType<typeof setTimeout> | undefined;
    #isStopped = false;

    constructor(private readonly user: number) {
        this.#device = new Device(user);
    }

    /** Something may wait. */
    nudge(): void {
        clearTimeout(this.#timer);
        this.#again = this.#busy;
        if (this.#busy || this.#isStopped) return;
        this.#busy = true;
        void navigator.locks
            .request('pasada-sound-sending', { ifAvailable: true }, async (lock) => {
                if (lock === null) throw new Error('another page sends');
                await this.#send();
            })
            .then(
                () => this.#rest(false),
                () => this.#rest(true),
            );
    }

    /** Somebody else is at the device. */
    stop(): void {
        this.#isStopped = true;
        clearTimeout(this.#timer);
    }

    /** Recordings of this user that are not all on the server. */
    waiting(): Promise<KeptSound[]> {
        return this.#db.sounds.where({ user: this.user }).toArray();
    }

    /** Gives a recording up that the server does not take. */
    async drop(sound: string): Promise<void> {
        await this.#db.transaction('rw', this.#db.sounds, this.#db.pieces, async () => {
            await this.#db.pieces.where({ sound }).delete();
            await this.#db.sounds.delete(sound);
        });
    }

    /** What was refused once may be taken by now: the student has agreed, or the manager allows it. */
    async retry(sound: string): Promise<void> {
        await this.#db.sounds.update(sound, { refused: '' });
        this.nudge();
    }

    #rest(failed: boolean): void {
        this.#busy = false;
        if (this.#isStopped) return;
        if (failed) this.#timer = setTimeout(() => this.nudge(), AGAIN_MS);
        else if (this.#again) this.nudge();
    }

    async #send(): Promise<void> {
        let isEarly = false;
        await this.#sendUtterances();
        for (const sound of await this.waiting()) {
            if (sound.refused !== '') continue;
            if (await this.#isUnheardOf(sound.attempt)) {
                isEarly = true;
                continue;
            }
            try {
                await this.#sendSound(sound);
            } catch (error) {
                if (!isRefused(error)) throw error;
                await this.#db.sounds.update(sound.id, { refused: wordsOf(error) });
            }
        }
        if (isEarly) throw new Error('the walk of a recording is not there yet');
    }

    /** Started without network, and the server does not have it yet: its sound goes after it. */
    async #isUnheardOf(attempt: string): Promise<boolean> {
        return (await this.#device.start(attempt)) !== undefined;
    }

    async #sendUtterances(): Promise<void> {
        for (const { id, attempt, student, recorder, from_ms, bytes } of await this.#db.utterances
            .where({ user: this.user })
            .sortBy('from_ms')) {
            if (await this.#isUnheardOf(attempt)) continue;
            try {
                const of = { query: { recorder, from_ms } };
                await done(
                    student === undefined
                        ? api.PUT('/attempts/{attempt}/utterances/{utterance}', {
                              params: { path: { attempt, utterance: id }, ...of },
                              ...rawBody(bytes),
                          })
                        : api.PUT('/students/{student}/rehearsals/{rehearsal}/utterances/{utterance}', {
                              params: { path: { student, rehearsal: attempt, utterance: id }, ...of },
                              ...rawBody(bytes),
                          }),
                );
            } catch (error) {
                // The recording has it all the same.
                if (!isRefused(error)) throw error;
            }
            await this.#db.utterances.delete(id);
        }
    }

    async #sendSound(kept: KeptSound): Promise<void> {
        const { id: sound, attempt, recorder, from_ms, kind } = kept;
        const path = { attempt, sound };
        // Asked before the pieces are looked at: what comes while they go is sent the next time.
        const hasEnded = await navigator.locks.request(lockOf(sound), { ifAvailable: true }, (lock) => lock !== null);
        const pieces = await this.#db.pieces.where({ sound }).sortBy('position');
        if (kept.sent === 0 && pieces.length > 0) {
            await answer(
                api.PUT('/attempts/{attempt}/sounds/{sound}', { params: { path }, body: { recorder, from_ms, kind } }),
            );
        }
        let sent = kept.sent;
        for (const { position, bytes } of pieces) {
            await this.#sendUtterances();
            await done(
                api.PUT('/attempts/{attempt}/sounds/{sound}/pieces/{position}', {
                    params: { path: { ...path, position } },
                    ...rawBody(bytes),
                }),
            );
            sent = position + 1;
            await this.#db.transaction('rw', this.#db.sounds, this.#db.pieces, async () => {
                await this.#db.sounds.update(sound, { sent });
                await this.#db.pieces.delete([sound, position]);
            });
        }
        if (!hasEnded) return;
        if (sent > 0) {
            await done(
                api.POST('/attempts/{attempt}/sounds/{sound}/end', { params: { path }, body: { pieces: sent } }),
            );
        }
        await this.#db.sounds.delete(sound);
    }
}
