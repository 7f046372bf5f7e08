import type { Attempt, Item, Point, PointCode } from './api';

/** All points of an item, in the order in which they stand everywhere. */
export const pointsOf = (item: Item): Point[] => [...item.essential, ...item.further];

/** What is usually said of each item that is half said, the likeliest first. A walk kept earlier has none. */
export const usualHalves = (attempt: Attempt | undefined): Map<string, PointCode[][]> =>
    new Map((attempt?.usual as Attempt['usual'] | undefined)?.map((one) => [one.item, one.halves as PointCode[][]]));

/** Without the mark that it was named, which every hearing brings along. */
export const justPoints = (said: ReadonlySet<string>): ReadonlySet<string> =>
    new Set([...said].filter((code) => code !== 'identified'));

const isSame = (half: PointCode[], said: ReadonlySet<string>): boolean =>
    half.length === said.size && half.every((code) => said.has(code));

/** The half to try next, when this was said so far: the first, or the one after the one that stands. */
export function nextHalf(halves: PointCode[][], said: ReadonlySet<string>): PointCode[] | undefined {
    const at = halves.findIndex((half) => isSame(half, said));
    return halves[(at + 1) % halves.length];
}

/** A half in few words: what it has, or what it lacks where that is shorter. */
export function wordsOfHalf(item: Item, half: PointCode[]): string {
    if (half.length === 0) return 'named only';
    const has = new Set<string>(half);
    const label = (points: Point[]): string => points.map((point) => point.label).join(', ');
    const lacks = pointsOf(item).filter(({ code }) => !has.has(code));
    return lacks.length < half.length
        ? `all but ${label(lacks)}`
        : label(pointsOf(item).filter(({ code }) => has.has(code)));
}
