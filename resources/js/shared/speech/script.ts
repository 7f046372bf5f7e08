import type { Item, Place } from '@/shared/attempt/api';

/** An invented script for the stand-in: every item of the walk from this place on, as it might be said. */
export const scriptOf = (places: Place[], from: string | undefined): string[] => {
    const start = Math.max(
        0,
        places.findIndex(({ id }) => id === from),
    );
    return places
        .slice(start)
        .flatMap(({ items }) => items)
        .filter(({ fitted }) => fitted)
        .map((item: Item) =>
            `my ${item.name} is ${[...item.essential, ...item.further.slice(0, 1)].map(({ say }) => say).join(' and ')}`
                .toLowerCase()
                .replace(/[,;:]/g, ''),
        );
};
