import type { ItemState } from '@/shared/glyphs/states';
import type { Mark } from '@/shared/outbox/Outbox';
import type { Item, Place, Sheet } from './api';

/** What the screen shows of an item: the server's word, or what was just marked and is not worked out yet. */
export interface ShownItem {
    state: ItemState;
    heard: Set<string>;
    wrong: Set<string>;
    /** What is known to be wrong with it, of the vehicle or planted for this walk. */
    defect: string | null;
    /** Where a lamp is dark, none where that is not told; null where none is. */
    dark: string[] | null;
    /** What the student noticed to be wrong, in their words. */
    noticed: string | null;
    /** Heard in part, and nobody told yet which points. */
    pointsOpen: boolean;
    /** Marked here, not yet confirmed by the server. */
    waiting: boolean;
}

export const nothingShown: ShownItem = {
    state: 'not_reached',
    heard: new Set(),
    wrong: new Set(),
    defect: null,
    dark: null,
    noticed: null,
    pointsOpen: false,
    waiting: false,
};

/**
 * The sheet with the unconfirmed marks laid over it. This is what was marked, not what it is worth: credit,
 * lateness and the verdict come from the server alone.
 */
export function shownItems(places: Place[], sheet: Sheet, waiting: Mark[]): Map<string, ShownItem> {
    const shown = new Map<string, ShownItem>();
    for (const { item, status, heard, wrong, defect, noticed, ...one } of sheet.outcomes) {
        // A sheet that an earlier version kept on the device tells neither.
        const { points_open: pointsOpen = false, dark = null } = one as Partial<typeof one>;
        const said = { heard: new Set(heard), wrong: new Set(wrong) };
        shown.set(item, { state: status, ...said, defect, dark, noticed, pointsOpen, waiting: false });
    }
    const byId = new Map(places.flatMap(({ items }) => items).map((item) => [item.id, item]));
    for (const mark of inForce(waiting)) {
        for (const item of meant(mark, places, byId)) {
            shown.set(item.id, after(mark, item, shown.get(item.id) ?? nothingShown));
        }
    }
    return shown;
}

/** From the end, because an undo may itself be undone by a later one. */
function inForce(waiting: Mark[]): Mark[] {
    const undone = new Set<string>();
    const kept: Mark[] = [];
    for (const mark of waiting.toReversed()) {
        if (undone.has(mark.id)) continue;
        if (mark.undoes === undefined) kept.push(mark);
        else undone.add(mark.undoes);
    }
    return kept.toReversed();
}

function meant(mark: Mark, places: Place[], byId: Map<string, Item>): Item[] {
    if (mark.kind === 'restarted') {
        return places.filter(({ section }) => section === mark.section).flatMap(({ items }) => items);
    }
    if (mark.kind === 'carried_over') {
        const place = places.find(({ id }) => id === mark.place);
        // What the checklist does not credit is kept, and changes nothing.
        if (place?.references.find(({ from }) => from === mark.from)?.credited === false) return [];
        return (place?.items ?? []).filter(({ id }) => mark.except?.includes(id) !== true);
    }
    const item = mark.item === undefined ? undefined : byId.get(mark.item);
    return item === undefined ? [] : [item];
}

/** The figure that a mark of an item is about. */
export const figureOf = (item: Item, points: readonly string[] | undefined): Item['figures'][number] | undefined =>
    item.figures.find(({ point }) => points?.includes(point) === true);

/** Whether a figure is within its limits, as the server sent them; true where there is nothing to hold it to. */
export const isAccepted = (figure: Item['figures'][number] | undefined, value: number | undefined): boolean =>
    figure === undefined ||
    value === undefined ||
    figure.accepted.some(({ low, high }) => value >= low && value <= high);

function after(mark: Mark, item: Item, before: ShownItem): ShownItem {
    const heard = new Set(before.heard);
    const wrong = new Set(before.wrong);
    const all = [...item.essential, ...item.further].map(({ code }) => code);
    const { defect, dark, noticed } = before;
    const none = {
        heard: new Set<string>(),
        wrong: new Set<string>(),
        defect,
        dark,
        noticed,
        pointsOpen: false,
        waiting: true,
    };
    switch (mark.kind) {
        case 'heard_whole':
            return { ...none, state: 'whole', heard: new Set([...all, 'identified']) };
        case 'figure_heard':
            // With the limits that the device has; the server's word comes after.
            if (!isAccepted(figureOf(item, mark.points), mark.value))
                return after({ ...mark, kind: 'said_wrong' }, item, before);
        // falls through
        case 'points_heard':
            for (const point of [...(mark.points ?? []), 'identified']) {
                heard.add(point);
                wrong.delete(point);
            }
            break;
        case 'heard_in_part':
            heard.add('identified');
            return { ...none, state: 'partial', heard, wrong, pointsOpen: heard.size === 1 && wrong.size === 0 };
        case 'said_wrong':
            for (const point of mark.points ?? []) {
                heard.delete(point);
                wrong.add(point);
            }
            return { ...none, state: 'wrong', heard, wrong };
        case 'points_taken_back':
            for (const point of mark.points ?? []) {
                heard.delete(point);
                wrong.delete(point);
            }
            if (mark.points?.includes('identified') === true) return { ...none, state: 'not_reached' };
            break;
        case 'not_fitted':
            return { ...none, state: 'not_fitted' };
        case 'restarted':
            return { ...none, state: 'not_reached' };
        case 'carried_over':
            return before.state === 'not_reached' || before.state === 'missed' ? { ...none, state: 'carried' } : before;
        case 'defect_planted':
            return { ...before, defect: mark.text ?? defect, waiting: true };
        case 'lamp_dark':
            return { ...before, defect: defect ?? 'dark', dark: mark.text?.split(' ') ?? [], waiting: true };
        case 'lamp_lit':
            return { ...before, defect: dark === null ? defect : null, dark: null, waiting: true };
        case 'defect_noticed':
            return { ...before, noticed: mark.text ?? 'noticed', waiting: true };
        default:
            return before;
    }
    const state = all.every((point) => heard.has(point)) ? 'whole' : 'partial';
    return { ...none, state, heard, wrong };
}
