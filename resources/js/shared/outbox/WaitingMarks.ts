import type { Mark } from './Outbox';
import { OutboxDb, type WaitingMark } from './OutboxDb';

/** The marks of one attempt that wait on this device, in the order of making. Another user of it never sees them. */
export class WaitingMarks {
    #db = new OutboxDb();

    constructor(
        private readonly attempt: string,
        private readonly user: number,
    ) {}

    all(): Promise<WaitingMark[]> {
        return this.#db.waiting.where({ attempt: this.attempt, user: this.user }).sortBy('seq');
    }

    /**
     * Resolves when they are on the device; all of them or none.
     *
     * @param recorder the clock that they were timed by: one of each page
     */
    async add(recorder: string, marks: Mark[]): Promise<void> {
        const { attempt, user } = this;
        const rows = marks.map((mark) => ({ id: mark.id, attempt, user, recorder, mark }));
        await this.#db.waiting.bulkAdd(rows as WaitingMark[]);
    }

    async drop(rows: WaitingMark[]): Promise<void> {
        await this.#db.waiting.bulkDelete(rows.map(({ seq }) => seq));
    }
}
