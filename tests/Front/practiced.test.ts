import type { Practiced } from '@/features/cab/api';
import { doneRight, nextTime, titleOf, truckOf } from '@/features/cab/practicedWords';
import { describe, expect, it } from 'vitest';

type Step = Practiced['steps'][number];
const step = (test: string, outcome: Step['outcome'], more: Partial<Step> = {}): Step =>
    ({
        test,
        label: test,
        outcome,
        what: outcome === 'not-done' ? 'not done' : '',
        of_vehicle: false,
        ...more,
    }) as Step;
const found = {
    fault: 'the governor cuts out too high',
    suspected: null,
    found: true,
    shown_by: [],
    told_apart: 'The purge comes above the range.',
};
const judged = (of: Partial<Practiced>): Practiced =>
    ({ standing: 'open', cause: null, diagnosis: null, steps: [], ...of }) as Practiced;
const showing = step('cut-out', 'broken', { of_vehicle: true });

describe('a practice that is over', () => {
    it.each([
        ['a sound truck, all met', { standing: 'passed' as const }, 'Every step is met'],
        ['a slip', { standing: 'failed' as const, cause: 'leak test: cut short' }, 'leak test: cut short'],
        ['steps left out', {}, 'Not all steps were done'],
        ['the fault found, whatever else', { standing: 'failed' as const, cause: 'x', diagnosis: found }, 'You found'],
        [
            'a known fault, all done right',
            { standing: 'passed' as const, diagnosis: { ...found, found: null } },
            'Every step was done right',
        ],
    ])('is told by its first line: %s', (_, of, title) => {
        expect(titleOf(judged(of))).toMatch(new RegExp(`^${title}`));
    });

    it.each([
        ['sound', null, 'The truck had no defect.'],
        ['found', found, 'It was this: the governor cuts out too high.'],
        ['known', { ...found, found: null }, 'What was wrong with this truck: the governor cuts out too high.'],
        ['nothing said', { ...found, found: false }, 'What was wrong with this truck: the governor cuts out too high.'],
        [
            'another named',
            { ...found, found: false, suspected: 'the valves stick' },
            'You said that the valves stick; what was wrong: the governor cuts out too high.',
        ],
    ])('says what the truck had: %s', (_, diagnosis, told) => {
        expect(truckOf(judged({ diagnosis }))).toBe(told);
    });

    it('counts a step that showed the fault among those done right', () => {
        expect(doneRight(judged({ steps: [showing, step('leak-applied', 'met'), step('low-air', 'not-done')] }))).toBe(
            2,
        );
    });

    it.each([
        ['nothing where all is met', null, [step('cut-out', 'met')], undefined],
        ['a slip before what was left out', null, [step('low-air', 'not-done'), step('service', 'broken')], 'service'],
        [
            'a step that another overtook',
            null,
            [step('low-air', 'not-done', { what: 'not done before the tug' })],
            'low-air',
        ],
        ['what was left out', null, [step('cut-out', 'met'), step('low-air', 'not-done')], 'low-air'],
        ['never what was done right', null, [showing, step('low-air', 'not-done')], 'low-air'],
        ['nothing left out where the fault was found', found, [showing, step('low-air', 'not-done')], undefined],
        ['a slip even where it was found', found, [showing, step('low-air', 'broken')], 'low-air'],
    ])('has for the next time: %s', (_, diagnosis, steps, test) => {
        expect(nextTime(judged({ diagnosis, steps }))?.test).toBe(test);
    });
});
