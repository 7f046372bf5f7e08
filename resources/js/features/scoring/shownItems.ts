import type { ItemState } from '@/shared/glyphs/states';
import type { Mark } from '@/shared/outbox/Outbox';
import type { Item, Sheet } from './api';

/** What the screen shows of an item: the server's word, or what was just marked and is not worked out yet. */
export interface ShownItem {
    state: ItemState;
    heard: Set<string>;
    /** Marked here, not yet confirmed by the server. */
    waiting: boolean;
}

/**
 * The sheet with the unconfirmed marks laid over it. This is what was marked, not what it is worth: credit,
 * lateness and the verdict come from the server alone.
 */
export function shownItems(items: Item[], sheet: Sheet, waiting: Mark[]): Map<string, ShownItem> {
    const shown = new Map<string, ShownItem>();
    for (const outcome of sheet.outcomes) {
        shown.set(outcome.item, { state: outcome.status, heard: new Set(outcome.heard), waiting: false });
    }
    const undone = new Set(waiting.flatMap((mark) => (mark.undoes === undefined ? [] : [mark.undoes])));
    const byId = new Map(items.map((item) => [item.id, item]));
    for (const mark of waiting) {
        const item = mark.item === undefined ? undefined : byId.get(mark.item);
        if (item !== undefined && !undone.has(mark.id)) shown.set(item.id, after(mark, item, shown.get(item.id)));
    }
    return shown;
}

function after(mark: Mark, item: Item, before: ShownItem | undefined): ShownItem {
    const heard = new Set(before?.heard);
    const all = [...item.essential, ...item.further].map(({ code }) => code);
    switch (mark.kind) {
        case 'heard_whole':
            return { state: 'whole', heard: new Set([...all, 'identified']), waiting: true };
        case 'points_heard':
            for (const point of [...(mark.points ?? []), 'identified']) heard.add(point);
            break;
        case 'points_taken_back':
            for (const point of mark.points ?? []) heard.delete(point);
            if (mark.points?.includes('identified') === true)
                return { state: 'not_reached', heard: new Set(), waiting: true };
            break;
        case 'not_fitted':
            return { state: 'not_fitted', heard: new Set(), waiting: true };
        default:
            return before ?? { state: 'not_reached', heard, waiting: true };
    }
    return { state: all.every((point) => heard.has(point)) ? 'whole' : 'partial', heard, waiting: true };
}
