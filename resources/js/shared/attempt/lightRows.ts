import type { Schemas } from '@/shared/api/client';
import type { Item, Place } from './api';
import { nothingShown, type ShownItem } from './shownItems';

export type Lamp = Schemas['LampResource'];

/** A function of the light check with the items that tell of it: one, or one for each place. */
export interface LightRow {
    function: string;
    name: string;
    items: Item[];
}

/** A lamp of a row: where, in what color, and how it stands. */
export interface LightCell {
    lamp: Lamp;
    item: Item;
    called: boolean;
    dark: boolean;
}

/** The functions of a place, in the order in which they are first asked there; none where no light check is. */
export function lightRows(place: Pick<Place, 'items'> | undefined): LightRow[] {
    const rows = new Map<string, LightRow>();
    for (const item of place?.items ?? []) {
        // A walk that an earlier version kept on the device knows no lights.
        const light = item.light as Item['light'] | undefined;
        if (!light) continue;
        const row = rows.get(light.function) ?? { function: light.function, name: light.name, items: [] };
        rows.set(light.function, { ...row, items: [...row.items, item] });
    }
    return [...rows.values()];
}

/** Every place at which one of the functions shows, along the route: the one that shows at most places shows at all. */
export function lampPlaces(rows: LightRow[]): Lamp[] {
    const lamps = rows.map(({ items }) => items.flatMap(({ light }) => light?.lamps ?? []));
    return lamps.reduce<Lamp[]>((most, one) => (one.length > most.length ? one : most), []);
}

/** How a row stands at a place; undefined where it shows nothing there. */
export function cellOf(row: LightRow, place: string, shown: Map<string, ShownItem>): LightCell | undefined {
    for (const item of row.items) {
        const lamp = item.light?.lamps.find((one) => one.place === place);
        if (lamp === undefined) continue;
        const now = shown.get(item.id) ?? nothingShown;
        return {
            lamp,
            item,
            called: now.heard.size > 0,
            dark: now.dark !== null && (item.light?.of_place === true || now.dark.includes(place)),
        };
    }
    return undefined;
}

/** What a tap on a lamp tells of its item: where it is dark now, or undefined where none of its lamps is. */
export function darkAfter(cell: LightCell, shown: Map<string, ShownItem>): { at: string } | undefined {
    if (cell.item.light?.of_place === true) return cell.dark ? undefined : { at: '' };
    const before = (shown.get(cell.item.id) ?? nothingShown).dark ?? [];
    const after = cell.dark ? before.filter((one) => one !== cell.lamp.place) : [...before, cell.lamp.place];
    return after.length === 0 ? undefined : { at: after.join(' ') };
}
