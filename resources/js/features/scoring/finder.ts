import type { Item, Place } from '@/shared/attempt/api';

export interface Found {
    item: Item;
    place: Place;
    /** Asked at the place at hand. */
    here: boolean;
}

const words = (text: string): string[] =>
    text
        .toLowerCase()
        .split(/[^a-z0-9]+/)
        .filter((word) => word !== '');

/** How well a name answers what was typed: 0 not at all; the start of it best, then its initials, then a later word. */
function worth(name: string, typed: string): number {
    const parts = words(name);
    if (parts.join('').startsWith(typed) || parts.join(' ').startsWith(typed)) return 4;
    if (
        parts.length > 1 &&
        parts
            .map((word) => word[0])
            .join('')
            .startsWith(typed)
    )
        return 3;
    if (parts.some((word) => word.startsWith(typed))) return 2;
    return 0;
}

const MOST = 8;

/** Where a found item stands: at the place at hand, at the one just left, or elsewhere. */
const nearness = (index: number, here: number, left: number): number => (index === here ? 2 : index === left ? 1 : 0);

/**
 * Items by the first letters of their name, their initials, or what else they are called: those of the place at hand
 * first, then those of the place just left, then those around it in walking order.
 */
export function find(typed: string, places: Place[], at: string | undefined, left?: string): Found[] {
    const wanted = typed.toLowerCase();
    if (wanted === '') return [];
    const here = places.findIndex(({ id }) => id === at);
    const before = places.findIndex(({ id }) => id === left);
    const ranked = places.flatMap((place, index) =>
        place.items.map((item, turn) => {
            const name = worth(item.name, wanted);
            const alias = Math.max(0, ...item.aliases.map((one) => worth(one, wanted))) - 0.5;
            return {
                item,
                place,
                here: index === here,
                near: nearness(index, here, before),
                best: Math.max(name, alias),
                far: Math.abs(index - here),
                turn,
            };
        }),
    );
    return ranked
        .filter(({ best }) => best > 0)
        .sort((a, b) => b.near - a.near || b.best - a.best || a.far - b.far || a.turn - b.turn)
        .slice(0, MOST)
        .map(({ item, place, here: isHere }) => ({ item, place, here: isHere }));
}

/** Before anything is typed: what was not said at the place just left, which is what students think of next. */
export function leftOver(places: Place[], left: string | undefined, isSaid: (item: Item) => boolean): Found[] {
    const place = places.find(({ id }) => id === left);
    if (place === undefined) return [];
    const open = place.items.filter((item) => !isSaid(item));
    return open.slice(0, MOST).map((item) => ({ item, place, here: false }));
}

/** The letters with which a word of some name begins: the others find nothing first. */
export const lettersOf = (places: Place[]): string[] =>
    [...new Set(places.flatMap(({ items }) => items.flatMap(({ name }) => words(name).map((word) => word[0] ?? ''))))]
        .filter((letter) => /[a-z]/.test(letter))
        .sort();
