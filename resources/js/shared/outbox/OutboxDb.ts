import type { Schemas } from '@/shared/api/client';
import Dexie, { type EntityTable, type Table } from 'dexie';
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

/** An attempt as this device last saw it, so that it opens without network. */
export interface KeptAttempt {
    id: string;
    user: number;
    attempt: Schemas['AttemptResource'];
}

/** An attempt started without network that the server has not heard of yet. */
export interface WaitingStart {
    id: string;
    user: number;
    body: Schemas['StartAttemptRequest'];
}

/** What an attempt can be started with without network. */
export interface KeptAnswer {
    key: string;
    user: number;
    value: unknown;
    /** When the server said so, as an ISO time; missing in what an earlier version kept. */
    at?: string;
}

/** Only this file knows the tables; an upgrade adds a version below and keeps what waits. */
export class OutboxDb extends Dexie {
    declare waiting: EntityTable<WaitingMark, 'seq'>;
    declare attempts: Table<KeptAttempt, [string, number]>;
    declare starts: Table<WaitingStart, string>;
    declare answers: Table<KeptAnswer, [string, number]>;

    constructor() {
        super('pasada-outbox');
        this.version(1).stores({ waiting: '++seq, &id, [attempt+user]' });
        this.version(2).stores({ attempts: '[id+user]', starts: 'id, user', answers: '[key+user]' });
    }
}
