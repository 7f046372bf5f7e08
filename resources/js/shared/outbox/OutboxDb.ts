import Dexie, { type EntityTable } from 'dexie';
import type { Mark } from './Outbox';

/** A mark as it waits on the device. */
export interface WaitingMark {
    /** Order of making, given by the database. */
    seq: number;
    id: string;
    attempt: string;
    user: number;
    recorder: string;
    mark: Mark;
}

/** Only this file knows the tables; an upgrade adds a version below and keeps what waits. */
export class OutboxDb extends Dexie {
    declare waiting: EntityTable<WaitingMark, 'seq'>;

    constructor() {
        super('pasada-outbox');
        this.version(1).stores({ waiting: '++seq, &id, [attempt+user]' });
    }
}
