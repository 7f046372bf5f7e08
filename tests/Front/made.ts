import type { Item, Place, Sheet } from '@/shared/attempt/api';
import type { Mark } from '@/shared/outbox/Outbox';
import type { Suggestion } from '@/shared/speech/api';

let made = 0;

/** An item with nothing in it but what a test is about. */
export const item = (id: string, more: Partial<Item> = {}): Item =>
    ({ id, name: id, aliases: [], essential: [], further: [], fitted: true, ...more }) as Item;

export const place = (id: string, items: Item[], more: Partial<Place> = {}): Place =>
    ({ id, items, axles: [], references: [], section: 'walk', ...more }) as Place;

export const points = (...codes: string[]): Item['essential'] =>
    codes.map((code) => ({ code, say: `is ${code}` })) as Item['essential'];

export const mark = (kind: Mark['kind'], more: Partial<Mark> = {}): Mark => ({
    id: `m${++made}`,
    at_ms: made,
    kind,
    ...more,
});

export const sheet = (outcomes: Partial<Sheet['outcomes'][number]>[] = [], more: Partial<Sheet> = {}): Sheet =>
    ({
        outcomes: outcomes.map((one) => ({ heard: [], wrong: [], ...one })),
        current_place: null,
        ...more,
    }) as unknown as Sheet;

export const suggestion = (more: Partial<Suggestion>): Suggestion =>
    ({ key: `s${++made}`, item: 'engine.radiator', evidence: [], marks: [], ...more }) as Suggestion;

/** Lets everything that waits for nothing but its turn have it. */
export const settle = async (): Promise<void> => {
    for (let n = 0; n < 20; n++) await Promise.resolve();
};
