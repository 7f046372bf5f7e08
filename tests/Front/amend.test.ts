import { amendMarks, changesOf, isComplete, nothingAmended, type Amended } from '@/features/result/amendMarks';
import type { Item } from '@/shared/attempt/api';
import { describe, expect, it } from 'vitest';

const item = (id: string, figures: object[] = []): Item => ({ id, figures }) as unknown as Item;
const amended = (some: Partial<Amended>): Amended => ({ ...nothingAmended(), ...some });
const made = (some: Partial<Amended>): object => {
    const [mark] = amendMarks(item('wheel.tyre@steer'), amended(some), 'id', 60_000);
    return Object.fromEntries(Object.entries(mark ?? {}).filter(([key]) => !['id', 'at_ms', 'item'].includes(key)));
};

describe('an amendment', () => {
    it.each([
        ['was complete', { change: 'whole' }, { kind: 'heard_whole', said: 'in_time' }],
        ['was said, too late', { change: 'whole', late: true }, { kind: 'heard_whole', said: 'late' }],
        [
            'points',
            { change: 'points', points: ['works'] },
            { kind: 'points_heard', points: ['works'], said: 'in_time' },
        ],
        [
            'points not said',
            { change: 'not_points', points: ['works'] },
            { kind: 'points_taken_back', points: ['works'] },
        ],
        [
            'a figure',
            { change: 'figure', points: ['depth'], value: 4 },
            { kind: 'figure_heard', points: ['depth'], value: 4, said: 'in_time' },
        ],
        [
            'said wrong',
            { change: 'wrong', points: ['depth'], text: ' two ' },
            { kind: 'said_wrong', points: ['depth'], text: 'two', said: 'in_time' },
        ],
        ['not said at all', { change: 'not_said' }, { kind: 'points_taken_back', points: ['identified'] }],
        ['not equipped', { change: 'not_fitted' }, { kind: 'not_fitted' }],
        ['a defect noticed', { change: 'defect' }, { kind: 'defect_noticed' }],
    ] as [string, Partial<Amended>, object][])('makes the mark of %s', (_, some, mark) => {
        expect(made(some)).toEqual(mark);
    });

    it.each([
        ['points without a point', { change: 'points' }, false],
        ['a figure without a value', { change: 'figure', points: ['depth'] }, false],
        ['a figure of nought', { change: 'figure', points: ['depth'], value: 0 }, true],
        ['said whole', { change: 'whole' }, true],
    ] as [string, Partial<Amended>, boolean][])('knows whether %s says enough', (_, some, complete) => {
        expect(isComplete(amended(some))).toBe(complete);
    });

    it('offers a figure only where there is one, and calls a brake test done', () => {
        const values = (one: Item): string[] => changesOf(one).map(({ value }) => value);
        expect([values(item('a.b')).includes('figure'), values(item('a.b', [{}])).includes('figure')]).toEqual([
            false,
            true,
        ]);
        expect(changesOf(item('test.governor'))[0]?.label).toBe('was done right');
    });
});
