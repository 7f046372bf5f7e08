import { wordsOf } from '@/shared/wordsOf';
import type { Schemas } from '@/shared/api/client';
import { Delivery, type DeliveryState } from './Delivery';
import type { WaitingMark } from './OutboxDb';
import { WaitingMarks } from './WaitingMarks';

export type Mark = Schemas['Mark'];

export type OutboxState =
    | DeliveryState
    /** The device itself could not keep a mark. */
    | { state: 'unkept'; waiting: number; why: string };

const BATCH = 400;
const REST_MS = 1200;
/** While somebody watches, they want to see it at once. */
const WATCHED_REST_MS = 150;
/** What is marked without a rest is sent after so long; fewer requests, where nobody watches, leave room for others. */
const GATHER_MS = 5000;
const WATCHED_GATHER_MS = 3000;

interface Carried<T> {
    send: (recorder: string, marks: Mark[]) => Promise<T>;
    /** Must be done before the first mark can be sent, such as starting the attempt; does nothing once it is. */
    before: () => Promise<void>;
    watched: () => boolean;
    state: (state: OutboxState) => void;
    /** The server confirmed these marks and answered. */
    confirmed: (ids: Set<string>, answer: T) => void;
}

/** The marks of one attempt on their way to the server: on the device first, gathered for a moment, then delivered. */
export class Outbox<T> {
    #waiting: WaitingMarks;
    #delivery: Delivery<WaitingMark, T>;
    #last: OutboxState = { state: 'sent' };

    constructor(
        attempt: string,
        user: number,
        private readonly recorder: string,
        private readonly carried: Carried<T>,
    ) {
        this.#waiting = new WaitingMarks(attempt, user);
        this.#delivery = new Delivery({
            waiting: () => this.#waiting.all(),
            // A recorder is one page's clock; marks of an earlier page go in a batch of their own.
            batch: (rows) => rows.filter((row) => row.recorder === rows[0]?.recorder).slice(0, BATCH),
            send: async (rows) => {
                await carried.before();
                return carried.send(
                    rows[0]?.recorder ?? recorder,
                    rows.map(({ mark }) => mark),
                );
            },
            confirmed: async (rows, answer) => {
                await this.#waiting.drop(rows);
                carried.confirmed(new Set(rows.map(({ id }) => id)), answer);
            },
            state: (state) => this.#tell(state),
            restMs: () => (carried.watched() ? WATCHED_REST_MS : REST_MS),
            gatherMs: () => (carried.watched() ? WATCHED_GATHER_MS : GATHER_MS),
        });
    }

    /** Marks of earlier visits to this page that were not confirmed, in order. */
    async waiting(): Promise<Mark[]> {
        return (await this.#waiting.all()).map(({ mark }) => mark);
    }

    /** Resolves when the marks are on the device. */
    async keep(...marks: Mark[]): Promise<void> {
        try {
            await this.#waiting.add(this.recorder, marks);
        } catch (error) {
            this.#tell({ state: 'unkept', waiting: marks.length, why: wordsOf(error) });
            throw error;
        }
        // Nothing is sent while the server is away, but what waits for it grows.
        if (this.#last.state !== 'sent') this.#tell({ ...this.#last, waiting: this.#last.waiting + marks.length });
        if (marks.some(({ kind }) => kind === 'finished')) this.nudge();
        else this.#delivery.soon();
    }

    nudge(): void {
        this.#delivery.nudge();
    }

    stop(): void {
        this.#delivery.stop();
    }

    #tell(state: OutboxState): void {
        this.#last = state;
        this.carried.state(state);
    }
}
