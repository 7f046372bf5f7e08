import type { Attempt, Item, Point, PointCode } from './api';

/** All points of an item, in the order in which they stand everywhere. */
export const pointsOf = (item: Item): Point[] => [...item.essential, ...item.further];

/** What is usually said of each item that is half said, the likeliest first. A walk kept earlier has none. */
export const usualHalves = (attempt: Attempt | undefined): Map<string, PointCode[][]> =>
    new Map((attempt?.usual as Attempt['usual'] | undefined)?.map((one) => [one.item, one.halves as PointCode[][]]));

const isSame = (half: PointCode[], said: ReadonlySet<string>): boolean =>
    half.length === said.size && half.every((code) => said.has(code));

/** Without the mark that it was named, which every hearing brings along. */
const justPoints = (said: ReadonlySet<string>): ReadonlySet<string> =>
    new Set([...said].filter((code) => code !== 'identified'));

/**
 * The half that a key means, when this was said so far: the n-th of them, or the one after the one that stands, so that
 * pressing again goes on.
 */
export function nextHalf(halves: PointCode[][], said: ReadonlySet<string>, nth = 0): PointCode[] | undefined {
    const at = said.size === 0 ? -1 : halves.findIndex((half) => isSame(half, justPoints(said)));
    return halves[(at < nth ? nth : at + 1) % halves.length];
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
