import { find } from '@/features/scoring/finder';
import { describe, expect, it } from 'vitest';
import { item, place } from './made';

const places = [
    place('front', [item('lights', { name: 'Clearance lights' }), item('level', { name: 'Vehicle level' })]),
    place('engine', [
        item('oil', { name: 'Oil level', aliases: ['Dipstick'] }),
        item('pump', { name: 'Water pump' }),
        item('alternator', { name: 'Alternator', aliases: ['Generator'] }),
    ]),
    place('rear', [item('tail', { name: 'Tail lights' }), item('plate', { name: 'License plate light' })]),
];
const ids = (typed: string, at?: string): string[] => find(typed, places, at).map(({ item: one }) => one.id);

describe('the finder', () => {
    it.each([
        ['the start of a name', 'wat', ['pump']],
        ['initials', 'wp', ['pump']],
        ['a later word', 'pump', ['pump']],
        ['what else it is called', 'dip', ['oil']],
        ['capitals as well', 'ALT', ['alternator']],
        ['several words', 'oil l', ['oil']],
        ['nothing typed', '', []],
        ['nothing of that kind', 'zz', []],
    ])('finds by %s', (_, typed, found) => {
        expect(ids(typed, 'engine')).toEqual(found);
    });

    it('puts what is asked here first, however well the rest fits', () => {
        expect(ids('l', 'rear')).toEqual(['plate', 'tail', 'oil', 'lights', 'level']);
        expect(ids('level', 'engine')[0]).toBe('oil');
        expect(ids('level', 'front')[0]).toBe('level');
    });

    it('says whether it is asked here', () => {
        expect(find('lights', places, 'rear').map(({ item: one, here }) => [one.id, here])).toEqual([
            ['tail', true],
            ['lights', false],
        ]);
    });

    it('takes the name before another name of the same worth', () => {
        const two = [place('x', [item('b', { name: 'Bracket', aliases: ['Gauge'] }), item('g', { name: 'Gauge' })])];
        expect(find('gau', two, 'x').map(({ item: one }) => one.id)).toEqual(['g', 'b']);
    });

    it('shows no more than a hand can choose from', () => {
        const many = [
            place(
                'x',
                Array.from({ length: 30 }, (_, n) => item(`i${n}`, { name: `Bolt ${n}` })),
            ),
        ];
        expect(find('bolt', many, 'x')).toHaveLength(8);
    });
});
