/** A record in the open format, as far as it is looked at here; the server reads all of it. */
export interface FileRecord {
    student?: unknown;
    started_at?: unknown;
    [field: string]: unknown;
}
export interface Named {
    name: string;
    records: FileRecord[];
}

const MANY = 'pasada-records/1';
const ONE = 'pasada-record/1';

/**
 * The records of a file by the name of the student in them, most first.
 *
 * @throws Error with what is wrong and what to do
 */
export function readFile(text: string): Named[] {
    let file: unknown;
    try {
        file = JSON.parse(text);
    } catch {
        throw new Error('This is no JSON. Choose a file that was taken out of Pasada as JSON.');
    }
    const format = (file as { format?: unknown } | null)?.format;
    const records = format === ONE ? [file] : format === MANY ? (file as { records?: unknown }).records : undefined;
    if (!Array.isArray(records)) {
        throw new Error(`This file names no format of Pasada: "${MANY}" or "${ONE}" has to stand in it.`);
    }
    if (records.length === 0) throw new Error('There is no record in this file.');
    const of = new Map<string, FileRecord[]>();
    for (const [n, record] of records.entries()) {
        if (typeof record !== 'object' || record === null) throw new Error(`Record ${n + 1} of the file is none.`);
        const { student } = record as FileRecord;
        const name = typeof student === 'string' && student.trim() !== '' ? student.trim() : 'nobody by name';
        of.set(name, [...(of.get(name) ?? []), record as FileRecord]);
    }
    return [...of]
        .map(([name, all]) => ({ name, records: all }))
        .toSorted((a, b) => b.records.length - a.records.length);
}

/** Whose records they are here: a student, somebody new, or they are left out; null where it is not decided. */
export type Whose = number | 'new' | 'out' | null;

/** The only one who may be meant; somebody new where nobody may; and where several may, it has to be said. */
export const likely = (alike: number[]): Whose =>
    alike.length === 0 ? 'new' : alike.length === 1 ? (alike[0] ?? null) : null;
