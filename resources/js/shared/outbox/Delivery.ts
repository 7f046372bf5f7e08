import { ApiProblem, isPassing } from '@/shared/api/client';
import { wordsOf } from '@/shared/wordsOf';

export type DeliveryState =
    | { state: 'sent' }
    | { state: 'sending'; waiting: number }
    /** The server cannot be reached; tried again in a while. */
    | { state: 'kept'; waiting: number; why: string }
    | { state: 'signed_out'; waiting: number; why: string }
    /** The server said no: what waits stays here and nothing more is sent until somebody looks. */
    | { state: 'refused'; waiting: number; why: string };

/** What is delivered, and where it waits until it is. */
export interface Delivered<T, A> {
    /** All that waits, in order. */
    waiting: () => T[] | Promise<T[]>;
    /** How much of it goes into one request; all of it where this is left out. */
    batch?: (waiting: T[]) => T[];
    /** Throws where it did not arrive. What is sent twice must count once. */
    send: (batch: T[]) => Promise<A>;
    /** The server has these: from here on they no longer wait. */
    confirmed: (batch: T[], answer: A) => unknown;
    /** `error` is what was in the way, where something was. */
    state?: (state: DeliveryState, error?: unknown) => void;
    /** For `soon`: how long it must be quiet before something is sent, in ms. */
    restMs?: () => number;
    /** However busy it is, nothing rests longer than this in all, in ms: one request for a burst. */
    gatherMs?: () => number;
}

const FIRST_WAIT_MS = 1000;
/** So that a server that is back is found within some seconds. */
const LONGEST_WAIT_MS = 5000;
const GATHER_MS = 3000;

/**
 * Brings to the server whatever waits, in order, one request at a time, and tries again by itself while the server is
 * away. What waits is kept by its owner, and leaves only when the server has confirmed it.
 */
export class Delivery<T, A> {
    #running = false;
    /** Something came in while the queue was read; without it what came at that moment would wait for the next. */
    #asked = false;
    #wake: (() => void) | undefined;
    #stopped = false;
    #waitMs = FIRST_WAIT_MS;
    #resting: ReturnType<typeof setTimeout> | undefined;
    #gatheringSince: number | undefined;
    #settled: (() => void)[] = [];

    constructor(private readonly delivered: Delivered<T, A>) {
        addEventListener('online', this.nudge);
        addEventListener('pagehide', this.nudge);
    }

    /** Send once it has been quiet for a moment. */
    soon(): void {
        const now = performance.now();
        this.#gatheringSince ??= now;
        const left = this.#gatheringSince + (this.delivered.gatherMs?.() ?? GATHER_MS) - now;
        clearTimeout(this.#resting);
        this.#resting = setTimeout(this.nudge, Math.max(0, Math.min(left, this.delivered.restMs?.() ?? 0)));
    }

    /** Try now: something waits, the network is back, or somebody signed in again. */
    nudge = (): void => {
        clearTimeout(this.#resting);
        this.#gatheringSince = undefined;
        this.#waitMs = FIRST_WAIT_MS;
        this.#asked = true;
        this.#wake?.();
        if (!this.#running && !this.#stopped) void this.#run();
    };

    /** Try now, and resolve when all is sent or something is in the way. */
    flush(): Promise<void> {
        if (this.#stopped) return Promise.resolve();
        const settled = new Promise<void>((resolve) => this.#settled.push(resolve));
        this.nudge();
        return settled;
    }

    stop(): void {
        this.#stopped = true;
        clearTimeout(this.#resting);
        removeEventListener('online', this.nudge);
        removeEventListener('pagehide', this.nudge);
        this.#wake?.();
        this.#settle();
    }

    #settle(): void {
        this.#settled.splice(0).forEach((resolve) => resolve());
    }

    #tell(state: DeliveryState, error?: unknown): void {
        this.delivered.state?.(state, error);
        if (state.state !== 'sending') this.#settle();
    }

    async #run(): Promise<void> {
        this.#running = true;
        try {
            for (;;) {
                this.#asked = false;
                const waiting = await this.delivered.waiting();
                if (this.#stopped) return;
                if (waiting.length === 0 && this.#asked) continue;
                if (waiting.length === 0) return this.#tell({ state: 'sent' });
                if (!(await this.#sendBatch(waiting))) return;
            }
        } finally {
            this.#running = false;
        }
    }

    /** Whether to go on with what waits next. */
    async #sendBatch(all: T[]): Promise<boolean> {
        const batch = this.delivered.batch?.(all) ?? all;
        const waiting = all.length;
        this.#tell({ state: 'sending', waiting });
        try {
            const answer = await this.delivered.send(batch);
            await this.delivered.confirmed(batch, answer);
            this.#waitMs = FIRST_WAIT_MS;
            return true;
        } catch (error) {
            const why = wordsOf(error);
            if (error instanceof ApiProblem && error.is('signed-out')) {
                this.#tell({ state: 'signed_out', waiting, why }, error);
                return false;
            }
            if (!isPassing(error)) {
                this.#tell({ state: 'refused', waiting, why }, error);
                return false;
            }
            this.#tell({ state: 'kept', waiting, why }, error);
            await this.#pause();
            return true;
        }
    }

    async #pause(): Promise<void> {
        // Half to one and a half times as long, by chance: pages that a busy server sent away together would come again
        // together, and find it busy again, while it stands idle in between.
        const wait = this.#waitMs * (0.5 + Math.random());
        this.#waitMs = Math.min(LONGEST_WAIT_MS, this.#waitMs * 2);
        await new Promise<void>((resolve) => {
            const timer = setTimeout(resolve, wait);
            this.#wake = () => {
                clearTimeout(timer);
                resolve();
            };
        });
        this.#wake = undefined;
    }
}
