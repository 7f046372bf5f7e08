import type { Item } from '@/shared/attempt/api';
import { cellOf, darkAfter, lampPlaces, lightRows, type LightCell } from '@/shared/attempt/lightRows';
import { shownItems } from '@/shared/attempt/shownItems';
import type { Mark } from '@/shared/outbox/Outbox';
import { describe, expect, it } from 'vitest';
import { item, mark, place, sheet } from './made';

const light = (id: string, name: string, of_place: boolean, ...places: string[]): Item =>
    item(id, {
        light: {
            function: name,
            name,
            of_place,
            lamps: places.map((one) => ({ place: one, label: one, color: 'red' })),
        },
    } as Partial<Item>);

const all = light('tail', 'tail', false, 'front', 'rear');
const each = [light('turn.front', 'turn', true, 'front'), light('turn.rear', 'turn', true, 'rear')];
const lights = place('lights', [light('low', 'low', false, 'front'), all, ...each]);

describe('the light check as a board', () => {
    it('has a row for each function and a column for each place, along the route', () => {
        const rows = lightRows(lights);
        expect(rows.map((row) => [row.name, row.items.length])).toEqual([
            ['low', 1],
            ['tail', 1],
            ['turn', 2],
        ]);
        expect(lampPlaces(rows).map((one) => one.place)).toEqual(['front', 'rear']);
        expect(lightRows(place('seat', [item('belt')]))).toEqual([]);
    });

    const after = (marks: Mark[], name: string, at: string): [LightCell | undefined, { at: string } | undefined] => {
        const shown = shownItems([lights], sheet(), marks);
        const row = lightRows(lights).find((one) => one.name === name);
        const cell = row && cellOf(row, at, shown);
        return [cell, cell && darkAfter(cell, shown)];
    };

    it.each([
        ['nothing seen of one of its places', [], 'tail', 'rear', false, { at: 'rear' }],
        [
            'another of its places is dark',
            [mark('lamp_dark', { item: 'tail', text: 'front' })],
            'tail',
            'rear',
            false,
            { at: 'front rear' },
        ],
        ['this one is dark', [mark('lamp_dark', { item: 'tail', text: 'rear' })], 'tail', 'rear', true, undefined],
        [
            'two are dark, and one is lit after all',
            [mark('lamp_dark', { item: 'tail', text: 'front rear' })],
            'tail',
            'rear',
            true,
            { at: 'front' },
        ],
        ['a place of its own', [], 'turn', 'rear', false, { at: '' }],
        ['a place of its own, dark', [mark('lamp_dark', { item: 'turn.rear' })], 'turn', 'rear', true, undefined],
        [
            'lit again',
            [mark('lamp_dark', { item: 'turn.rear' }), mark('lamp_lit', { item: 'turn.rear' })],
            'turn',
            'rear',
            false,
            { at: '' },
        ],
    ])('tells of a lamp whether it is dark, and what a tap says: %s', (_, marks, name, at, isDark, then) => {
        const [cell, next] = after(marks as Mark[], name as string, at as string);
        expect([cell?.dark, next]).toEqual([isDark, then]);
    });

    it('has no cell where a function shows nothing', () => {
        expect(after([], 'low', 'rear')[0]).toBeUndefined();
    });

    it('takes no planted defect for a dark lamp', () => {
        const marks = [mark('defect_planted', { item: 'turn.rear', text: 'dark spot on the lens' })];
        expect(after(marks, 'turn', 'rear')[0]?.dark).toBe(false);
    });
});
