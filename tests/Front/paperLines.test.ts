import { heardOf, pressed, saidOf, sectionsOf, type PaperLine } from '@/features/paper/paperLines';
import type { Item, Place } from '@/shared/attempt/api';
import { describe, expect, it } from 'vitest';

const item = (id: string): Item =>
    ({
        id,
        name: id,
        essential: [{ code: 'mounted', label: 'mounted', phrase: '' }],
        further: [{ code: 'no_leaks', label: 'no leaks', phrase: '' }],
    }) as unknown as Item;
const line = { number: 1, item: item('a'), points: [...item('a').essential, ...item('a').further] } as PaperLine;

describe('a line of a paper sheet', () => {
    it.each([
        ['whole', ' ', undefined, { marked: 'whole', by: 1 }],
        ['nothing', '0', ['mounted'], { marked: 'nothing', by: 1 }],
        ['Enter on an open line', 'Enter', undefined, { marked: 'nothing', by: 1 }],
        ['Enter on points', 'Enter', ['mounted'], { marked: ['mounted'], by: 1 }],
        ['a point', '2', undefined, { marked: ['no_leaks'], by: 0 }],
        ['another point', '2', ['mounted'], { marked: ['mounted', 'no_leaks'], by: 0 }],
        ['the point again', '1', ['mounted'], { marked: undefined, by: 0 }],
        ['a point after the whole', '1', 'whole', { marked: ['mounted'], by: 0 }],
        ['a digit without a point', '3', undefined, undefined],
        ['wiping', 'Backspace', 'whole', { marked: undefined, by: 0 }],
        ['going back where nothing is', 'Backspace', undefined, { marked: undefined, by: -1 }],
        ['a letter', 'x', undefined, undefined],
    ] as const)('takes %s', (_, key, marked, after) => {
        expect(pressed(key, line, marked as Parameters<typeof pressed>[2])).toEqual(after);
    });

    it('says what is marked on it', () => {
        expect(
            [undefined, 'whole', 'nothing', ['no_leaks', 'mounted']].map((one) => saidOf(line, one as never)),
        ).toEqual(['', 'whole', 'not heard', 'mounted, no leaks']);
    });
});

describe('a paper sheet', () => {
    it('numbers its lines as they are printed: by place, gathered under their section', () => {
        const places = [
            { section: 'in', items: [item('a'), item('b')] },
            { section: 'out', items: [item('c')] },
            { section: 'in', items: [item('d')] },
        ] as unknown as Place[];
        const sections = [{ id: 'in', name: 'Inside' }] as never;
        expect(
            sectionsOf({ places, sections }).map(({ name, lines }) => [name, lines.map((one) => one.number)]),
        ).toEqual([
            ['Inside', [1, 2, 4]],
            ['out', [3]],
        ]);
    });

    it('sends what was heard alone', () => {
        expect(heardOf({ a: 'whole', b: 'nothing', c: ['mounted'] })).toEqual([
            { item: 'a' },
            { item: 'c', points: ['mounted'] },
        ]);
    });
});
