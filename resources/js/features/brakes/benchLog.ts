import type { BrakeEvent, Entry, Observation } from '@/shared/brakes/api';

/** What this device keeps of a bench: what the server has, as it was last seen, and what it has not heard yet. */
export interface KeptBench {
    /** Real time of the first event: at_ms counts from it, so a device that slept loses nothing. */
    origin: number;
    known: Observation[];
    unsent: Entry[];
}

export const emptyBench = (): KeptBench => ({ origin: 0, known: [], unsent: [] });

const isObservation = (entry: Entry): entry is Observation => entry.kind !== undefined && entry.at_ms !== undefined;

/** What is in force, with what waits laid over what the server has; in the order of time. */
export function observed({ known, unsent }: KeptBench): Observation[] {
    const gone = new Set(unsent.map(({ undoes }) => undoes));
    const ids = new Set(known.map(({ id }) => id));
    const waiting = unsent.filter(isObservation).filter(({ id }) => !ids.has(id));
    return [...known, ...waiting].filter(({ id }) => !gone.has(id)).sort((a, b) => a.at_ms - b.at_ms);
}

/** The same with what was sent confirmed by the server's answer. */
export function confirmed(kept: KeptBench, sent: Entry[], now: Observation[]): KeptBench {
    const ids = new Set(sent.map(({ id }) => id));
    return { ...kept, known: now, unsent: kept.unsent.filter(({ id }) => !ids.has(id)) };
}

/** Events of a page from before they had ids that the server has not: they get one and are sent like any other. */
export function leftOver(text: string | null, known: Observation[], idOf: () => string): Entry[] {
    if (text === null) return [];
    const old = JSON.parse(text) as { events?: BrakeEvent[]; sent?: boolean };
    const bare = ({ at_ms, kind, to }: BrakeEvent): string => JSON.stringify([at_ms, kind, to]);
    const there = new Set(known.map(bare));
    return old.sent === false
        ? (old.events ?? []).filter((event) => !there.has(bare(event))).map((event) => ({ id: idOf(), ...event }))
        : [];
}
