import { showAsOf } from '@/shared/asOf';
import { Unreachable, type Schemas } from '@/shared/api/client';
import { OutboxDb, type WaitingStart } from './OutboxDb';

type Attempt = Schemas['AttemptResource'];

/** What names nobody, or waits to be sent: the look, drafts, a half-entered paper sheet, what a bench has not sent. */
const stays = (key: string, value: string): boolean =>
    /^pasada-(light|comfort-|draft-|paper-|signed-out)/.test(key) ||
    (key.startsWith('pasada-bench-') && (JSON.parse(value) as { unsent: unknown[] }).unsent.length > 0);

function forgetKept(storage: Storage): void {
    for (const key of Object.keys(storage)) {
        if (key.startsWith('pasada-') && !stays(key, storage.getItem(key) ?? '')) storage.removeItem(key);
    }
}

/** What this device keeps of one user's work, for when there is no network. Another user of it never sees it. */
export class Device {
    #db = new OutboxDb();

    constructor(private readonly user: number) {}

    /** The server's answer; or, if it cannot be reached, the last one that was kept. */
    async fresh<T>(key: string, ask: () => Promise<T>): Promise<T> {
        try {
            const value = await ask();
            const at = new Date().toISOString();
            await this.#db.answers.put({ key, user: this.user, value, at }).catch(() => undefined);
            showAsOf(undefined);
            return value;
        } catch (error) {
            if (!(error instanceof Unreachable)) throw error;
            const kept = await this.#db.answers.get([key, this.user]);
            if (kept === undefined) throw error;
            showAsOf(kept.at ?? new Date(0).toISOString());
            return kept.value as T;
        }
    }

    async keepAttempt(attempt: Attempt): Promise<void> {
        await this.#db.attempts.put({ id: attempt.card.id, user: this.user, attempt });
    }

    async attempt(id: string): Promise<Attempt | undefined> {
        return (await this.#db.attempts.get([id, this.user]))?.attempt;
    }

    async keepStart(start: Omit<WaitingStart, 'user'>): Promise<void> {
        await this.#db.starts.put({ ...start, user: this.user });
    }

    async start(id: string): Promise<WaitingStart | undefined> {
        const start = await this.#db.starts.get(id);
        return start?.user === this.user ? start : undefined;
    }

    async dropStart(id: string): Promise<void> {
        await this.#db.starts.delete(id);
    }

    /** Forgets all that was read here; what waits to be sent stays, with the attempts that it belongs to. */
    async forget(): Promise<void> {
        const waiting = new Set((await this.unsent()).map(({ id }) => id));
        await this.#db.answers.filter(({ user }) => user === this.user).delete();
        await this.#db.attempts.filter(({ id, user }) => user === this.user && !waiting.has(id)).delete();
        forgetKept(localStorage);
        forgetKept(sessionStorage);
    }

    /** Attempts of this user that wait on the device: started here, or with marks that were not sent. */
    async unsent(): Promise<{ id: string; student: string; marks: number }[]> {
        const waiting = await this.#db.waiting.toArray();
        const starts = await this.#db.starts.where({ user: this.user }).toArray();
        const counts = new Map<string, number>(starts.map(({ id }) => [id, 0]));
        for (const { attempt, user } of waiting) {
            if (user === this.user) counts.set(attempt, (counts.get(attempt) ?? 0) + 1);
        }
        return Promise.all(
            [...counts].map(async ([id, marks]) => ({
                id,
                marks,
                student: (await this.attempt(id))?.card.student ?? '',
            })),
        );
    }
}
