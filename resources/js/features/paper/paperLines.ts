import { pointsOf } from '@/shared/attempt/halves';
import type { Item, Point, PointCode } from '@/shared/attempt/api';
import type { Schemas } from '@/shared/api/client';

/** A line of the printed checklist, with the number that it has there. */
export interface PaperLine {
    number: number;
    item: Item;
    points: Point[];
}
export interface PaperSection {
    name: string;
    lines: PaperLine[];
}
/** What is marked on a line: all of it, nothing, or some points. */
export type Marked = 'whole' | 'nothing' | PointCode[];
export type Sheet = Record<string, Marked>;

/** The lines in the order in which they are printed. */
export function sectionsOf({
    places,
    sections,
}: Pick<Schemas['InspectionResource'], 'places' | 'sections'>): PaperSection[] {
    const of = new Map<string, PaperSection>();
    let number = 0;
    for (const place of places) {
        const name = sections.find(({ id }) => id === place.section)?.name ?? place.section;
        const section = of.get(place.section) ?? { name, lines: [] };
        of.set(place.section, section);
        for (const item of place.items) section.lines.push({ number: ++number, item, points: pointsOf(item) });
    }
    return [...of.values()];
}

/** What a key does on a line: the mark that it leaves, and how many lines on it goes. Undefined: nothing of ours. */
export function pressed(
    key: string,
    line: PaperLine,
    marked: Marked | undefined,
): { marked: Marked | undefined; by: -1 | 0 | 1 } | undefined {
    switch (key) {
        case ' ':
            return { marked: 'whole', by: 1 };
        case '0':
            return { marked: 'nothing', by: 1 };
        case 'Enter':
            return { marked: marked ?? 'nothing', by: 1 };
        case 'ArrowDown':
            return { marked, by: 1 };
        case 'ArrowUp':
            return { marked, by: -1 };
        case 'Backspace':
            return { marked: undefined, by: marked === undefined ? -1 : 0 };
    }
    const point = /^[1-9]$/.test(key) ? line.points[Number(key) - 1] : undefined;
    return point === undefined ? undefined : { marked: toggled(marked, point.code as PointCode), by: 0 };
}

export function toggled(marked: Marked | undefined, code: PointCode): Marked | undefined {
    const before = Array.isArray(marked) ? marked : [];
    const after = before.includes(code) ? before.filter((one) => one !== code) : [...before, code];
    return after.length === 0 ? undefined : after;
}

export const saidOf = ({ points }: PaperLine, marked: Marked | undefined): string =>
    marked === undefined
        ? ''
        : Array.isArray(marked)
          ? points
                .filter(({ code }) => marked.includes(code as PointCode))
                .map(({ label }) => label)
                .join(', ')
          : marked === 'whole'
            ? 'whole'
            : 'not heard';

/** What is sent: nothing of what was not heard. */
export const heardOf = (sheet: Sheet): Schemas['PaperSheetRequest']['heard'] =>
    Object.entries(sheet).flatMap(([item, marked]) =>
        marked === 'nothing' ? [] : [Array.isArray(marked) ? { item, points: marked } : { item }],
    );
