import Dexie, { type EntityTable, type Table } from 'dexie';

/** A recording of this device, until all of it is on the server. */
export interface KeptSound {
    id: string;
    attempt: string;
    user: number;
    recorder: string;
    /** Of the walk's clock, in milliseconds. */
    from_ms: number;
    /** Media type. */
    kind: string;
    /** How many pieces the server has. */
    sent: number;
    /** Why the server does not take it, in words; empty while it may. */
    refused: string;
}

export interface KeptPiece {
    sound: string;
    position: number;
    bytes: ArrayBuffer;
}

/** What was said between two pauses, until the server has it: samples of 16 kHz, 16 bit. */
export interface KeptUtterance {
    id: string;
    /** Id of the walk, or of the rehearsal. */
    attempt: string;
    /** Who rehearses; missing in a walk. */
    student?: number;
    user: number;
    recorder: string;
    from_ms: number;
    bytes: ArrayBuffer;
}

/** Sound that waits on the device. Apart from the marks: whatever happens here, they keep their place. */
export class SoundDb extends Dexie {
    declare sounds: EntityTable<KeptSound, 'id'>;
    declare pieces: Table<KeptPiece, [string, number]>;
    declare utterances: EntityTable<KeptUtterance, 'id'>;

    constructor() {
        super('pasada-sound');
        this.version(1).stores({ sounds: 'id, user', pieces: '[sound+position], sound', utterances: 'id, user' });
    }
}
