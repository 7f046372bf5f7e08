import { figureSaid } from '@/features/scoring/figureSaid';
import { leftOver, lettersOf } from '@/features/scoring/finder';
import { nextHalf, usualHalves, wordsOfHalf } from '@/shared/attempt/halves';
import { timeLine } from '@/shared/attempt/timeLine';
import type { Attempt, History, PointCode } from '@/shared/attempt/api';
import { describe, expect, it } from 'vitest';
import { item, mark, place, points } from './made';

const set = (...codes: string[]): ReadonlySet<string> => new Set(codes);
const halves: PointCode[][] = [['mounted'], ['mounted', 'intact'], []];

describe('a part that is half said', () => {
    it.each<[string, ReadonlySet<string>, number, PointCode[]]>([
        ['the usual half of what was not named yet', set(), 0, ['mounted']],
        ['the second of it', set(), 1, ['mounted', 'intact']],
        ['the next of what stands', set('mounted', 'identified'), 0, ['mounted', 'intact']],
        ['the second again, from the first', set('mounted', 'identified'), 1, ['mounted', 'intact']],
        ['the first again after the last', set('identified'), 0, ['mounted']],
        ['the first instead of all of it', set('identified', 'mounted', 'intact', 'sealed'), 0, ['mounted']],
    ])('means %s', (_, said, nth, wanted) => {
        expect(nextHalf(halves, said, nth)).toEqual(wanted);
    });

    it('means nothing where nothing is known of it, as in a walk that was kept earlier', () => {
        expect(nextHalf([], set())).toBeUndefined();
        expect(usualHalves({} as Attempt).size).toBe(0);
    });

    it.each<[PointCode[], string]>([
        [['mounted'], 'Mounted'],
        [['mounted', 'intact'], 'all but Sealed'],
        [[], 'named only'],
    ])('is told as %j in few words', (half, words) => {
        const label = (code: string): string => code.charAt(0).toUpperCase() + code.slice(1);
        const named = points('mounted', 'intact', 'sealed').map((one) => ({ ...one, label: label(one.code) }));
        expect(wordsOfHalf(item('hose', { essential: named }), half)).toBe(words);
    });
});

describe('a figure as people type it', () => {
    it.each<[string, string, number | undefined]>([
        ['4', '1/32 in', 4],
        ['4/32', '1/32 in', 4],
        ['4/32nds', '1/32 in', 4],
        ['.25', 'in', 0.25],
        ['0,25', 'in', 0.25],
        ['1/4', 'in', 0.25],
        ['¼', 'in', 0.25],
        ['1/4 inch', 'in', 0.25],
        ['quarter', 'in', 0.25],
        ['a quarter of an inch', 'in', 0.25],
        ['Quarter inch', 'in', 0.25],
        ['1 1/2', 'in', 1.5],
        ['1½', 'in', 1.5],
        ['3/4"', 'in', 0.75],
        ['60 psi', 'psi', 60],
        ['10 degrees', 'deg', 10],
        ['1/0', 'in', undefined],
        ['four', 'in', undefined],
        ['', 'in', undefined],
        ['4 or 5', 'in', undefined],
    ])('%s in %s is %s', (typed, unit, value) => {
        expect(figureSaid(typed, unit)).toBe(value);
    });
});

describe('the finder before anything is typed', () => {
    const places = [
        place('front', [item('lamp', { name: 'Lamp' }), item('hood', { name: 'Hood latch' })]),
        place('engine', [item('oil', { name: 'Oil level' })]),
    ];

    it('offers what was left open where the student was', () => {
        const isSaid = ({ id }: { id: string }): boolean => id === 'lamp';
        expect(leftOver(places, 'front', isSaid).map(({ item: one }) => one.id)).toEqual(['hood']);
        expect(leftOver(places, undefined, isSaid)).toEqual([]);
    });

    it('has a letter for every word that begins a name, once', () => {
        expect(lettersOf(places)).toEqual(['h', 'l', 'o']);
    });
});

describe('the time line', () => {
    const first = mark('heard_whole', { item: 'lamp' });
    const undo = mark('undo', { undoes: first.id });
    const redo = mark('undo', { undoes: undo.id });
    const history = (...marks: ReturnType<typeof mark>[]): History[] =>
        marks.map((one) => ({ mark: one, by: 'Rosa', received_at: '', amendment: null }));

    it.each([
        ['a mark', [first], undefined],
        ['one taken back', [first, undo], undo.id],
        ['one brought back', [first, undo, redo], undefined],
    ])('tells of %s', (_, marks, undone) => {
        expect(timeLine(history(...marks), []).map((row) => [row.mark.id, row.undone])).toEqual([[first.id, undone]]);
    });

    it('adds what this device has not sent yet, newest first and each once', () => {
        const fresh = mark('note', { text: 'loud' });
        expect(timeLine(history(first), [first, fresh]).map(({ mark: one, by }) => [one.id, by])).toEqual([
            [fresh.id, undefined],
            [first.id, 'Rosa'],
        ]);
    });
});
