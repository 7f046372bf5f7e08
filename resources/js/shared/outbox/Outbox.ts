import { wordsOf } from '@/shared/wordsOf';
import { ApiProblem, isPassing, type Schemas } from '@/shared/api/client';
import { OutboxDb, type WaitingMark } from './OutboxDb';

export type Mark = Schemas['Mark'];

export type OutboxState =
    | { state: 'sent' }
    | { state: 'sending'; waiting: number }
    /** The server cannot be reached; tried again in a while. */
    | { state: 'kept'; waiting: number }
    | { state: 'signed_out'; waiting: number }
    /** The server said no: the marks stay here and nothing more is sent until somebody looks. */
    | { state: 'refused'; waiting: number; why: string }
    /** The device itself could not keep a mark. */
    | { state: 'unkept'; waiting: number; why: string };

type Send<T> = (recorder: string, marks: Mark[]) => Promise<T>;

const BATCH = 400;
const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 20_000;
/** Marks are gathered until the scorer rests so long, but no longer than that in all: one request for a burst. */
const REST_MS = 1200;
const GATHER_MS = 3000;
/** While somebody watches, they want to see it at once. */
const WATCHED_REST_MS = 150;

/**
 * The marks of one attempt on their way to the server: kept on the device first, sent in order, dropped only when
 * the server has confirmed them.
 */
export class Outbox<T> {
    #db = new OutboxDb();
    #running = false;
    /** Something came in while the queue was read; without it a mark kept at that moment would wait for the next. */
    #asked = false;
    #wake: (() => void) | undefined;
    #stopped = false;
    #waitMs = FIRST_WAIT_MS;
    #resting: ReturnType<typeof setTimeout> | undefined;
    #gatheringSince: number | undefined;
    #last: OutboxState = { state: 'sent' };

    constructor(
        private readonly attempt: string,
        private readonly user: number,
        private readonly recorder: string,
        private readonly send: Send<T>,
        /** Must be done before the first mark can be sent, such as starting the attempt; does nothing once it is. */
        private readonly before: () => Promise<void>,
        private readonly watched: () => boolean,
        private readonly told: {
            state: (state: OutboxState) => void;
            /** The server confirmed these marks and answered. */
            confirmed: (ids: Set<string>, answer: T) => void;
        },
    ) {
        addEventListener('online', this.nudge);
        addEventListener('pagehide', this.nudge);
    }

    /** Marks of earlier visits to this page that were not confirmed, in order. */
    async waiting(): Promise<Mark[]> {
        return (await this.#rows()).map(({ mark }) => mark);
    }

    /** Resolves when the marks are on the device. */
    async keep(...marks: Mark[]): Promise<void> {
        const rows = marks.map((mark) => ({
            id: mark.id,
            attempt: this.attempt,
            user: this.user,
            recorder: this.recorder,
            mark,
        }));
        try {
            await this.#db.waiting.bulkAdd(rows as WaitingMark[]);
        } catch (error) {
            const why = wordsOf(error);
            this.#tell({ state: 'unkept', waiting: marks.length, why });
            throw error;
        }
        // Nothing is sent while the server is away, but what waits for it grows.
        if (this.#last.state !== 'sent') this.#tell({ ...this.#last, waiting: this.#last.waiting + marks.length });
        if (marks.some(({ kind }) => kind === 'finished')) this.nudge();
        else this.#gather();
    }

    #tell(state: OutboxState): void {
        this.#last = state;
        this.told.state(state);
    }

    #gather(): void {
        const now = performance.now();
        this.#gatheringSince ??= now;
        const left = this.#gatheringSince + GATHER_MS - now;
        clearTimeout(this.#resting);
        this.#resting = setTimeout(this.nudge, Math.max(0, Math.min(left, this.watched() ? WATCHED_REST_MS : REST_MS)));
    }

    /** Try now: something was kept, the network is back, or somebody signed in again. */
    nudge = (): void => {
        clearTimeout(this.#resting);
        this.#gatheringSince = undefined;
        this.#waitMs = FIRST_WAIT_MS;
        this.#asked = true;
        this.#wake?.();
        if (!this.#running && !this.#stopped) void this.#run();
    };

    stop(): void {
        this.#stopped = true;
        clearTimeout(this.#resting);
        removeEventListener('online', this.nudge);
        removeEventListener('pagehide', this.nudge);
        this.#wake?.();
    }

    async #run(): Promise<void> {
        this.#running = true;
        try {
            for (;;) {
                this.#asked = false;
                const rows = await this.#rows();
                const first = rows[0];
                if (this.#stopped) return;
                if (first === undefined && this.#asked) continue;
                if (first === undefined) return this.#tell({ state: 'sent' });
                if (!(await this.#sendBatch(first, rows))) return;
            }
        } finally {
            this.#running = false;
        }
    }

    /** Whether to go on with what waits next. */
    async #sendBatch(first: WaitingMark, rows: WaitingMark[]): Promise<boolean> {
        // A recorder is one page's clock; marks of an earlier page go in a batch of their own.
        const batch = rows.filter(({ recorder }) => recorder === first.recorder).slice(0, BATCH);
        this.#tell({ state: 'sending', waiting: rows.length });
        try {
            await this.before();
            const answer = await this.send(
                first.recorder,
                batch.map(({ mark }) => mark),
            );
            await this.#db.waiting.bulkDelete(batch.map(({ seq }) => seq));
            this.#waitMs = FIRST_WAIT_MS;
            this.told.confirmed(new Set(batch.map(({ id }) => id)), answer);
            return true;
        } catch (error) {
            if (error instanceof ApiProblem && error.is('signed-out')) {
                this.#tell({ state: 'signed_out', waiting: rows.length });
                return false;
            }
            if (error instanceof ApiProblem && !isPassing(error)) {
                this.#tell({ state: 'refused', waiting: rows.length, why: error.message });
                return false;
            }
            this.#tell({ state: 'kept', waiting: rows.length });
            await this.#pause();
            return true;
        }
    }

    async #pause(): Promise<void> {
        const wait = this.#waitMs;
        this.#waitMs = Math.min(LONGEST_WAIT_MS, wait * 2);
        await new Promise<void>((resolve) => {
            const timer = setTimeout(resolve, wait);
            this.#wake = () => {
                clearTimeout(timer);
                resolve();
            };
        });
        this.#wake = undefined;
    }

    #rows(): Promise<WaitingMark[]> {
        return this.#db.waiting.where({ attempt: this.attempt, user: this.user }).sortBy('seq');
    }
}
