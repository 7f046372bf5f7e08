import { choices, filtered, NO_FILTER, type Filter, type Row } from '@/features/class/classFilter';
import { cardsOf } from '@/features/practice/useCards';
import type { Readiness } from '@/shared/progress/api';
import { markOf, percentOf, question, withDoubt } from '@/shared/progress/chances';
import { describe, expect, it } from 'vitest';

describe('a chance', () => {
    it.each([
        [0, '1%'],
        [0.004, '1%'],
        [0.714, '71%'],
        [1, '99%'],
    ])('of %d is said as %s, for nothing is sure', (chance, said) => {
        expect(percentOf(chance)).toBe(said);
    });

    it('never stands without its doubt', () => {
        expect(withDoubt({ chance: 0.71, low: 0.58, high: 0.82 })).toBe('71% (58 to 82)');
    });

    const readiness = (more: Partial<Readiness>): Readiness =>
        ({ chance: 0.71, low: 0.58, high: 0.82, on: '2026-12-04', for_exam: true, ...more }) as Readiness;

    it.each<[Partial<Readiness>, string]>([
        [{}, 'Ready on Dec 4? 71% (58 to 82)'],
        [{ for_exam: false }, 'Ready, were the exam in a week? 71% (58 to 82)'],
        [{ chance: null }, 'Ready? Too little is known.'],
    ])('is a question and its answer: %j', (more, said) => {
        expect(question(readiness(more))).toBe(said);
    });

    it('tells the outcomes of an item by shape and by word', () => {
        const all = [1000, 400, 0, null].map(markOf);
        expect(new Set(all.map(({ sign }) => sign)).size).toBe(4);
        expect(all.map(({ said }) => said)).toEqual(['said', 'said in part', 'missed', 'not asked']);
    });
});

describe('the class', () => {
    const DAY_MS = 86_400_000;
    const inDays = (days: number): string => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
    const row = (name: string, more: Partial<Row> = {}): Row => ({
        is_fitting: false,
        id: 1,
        name,
        class_name: 'autumn',
        exam_on: null,
        vehicle: 'Dock 4',
        instructor: 'Rosa',
        attempts: 3,
        last_attempt_at: null,
        ready: 'on_the_way',
        chance: 0.5,
        low: 0.3,
        high: 0.7,
        limits: '',
        first: null,
        weeks: [],
        ...more,
    });
    const rows = [
        row('A', { exam_on: inDays(20), chance: 0.2 }),
        row('B', { exam_on: inDays(3), chance: 0.9, vehicle: 'Pier 2' }),
        row('C', { exam_on: inDays(3), chance: 0.4, instructor: 'Anton' }),
        row('D', { chance: null }),
        row('E', { exam_on: inDays(-4), class_name: 'spring' }),
    ];
    it.each<[string, Partial<Filter>]>([
        ['ECBAD', {}],
        ['B', { vehicle: 'Pier 2' }],
        ['C', { instructor: 'Anton' }],
        ['CB', { within: 7 }],
        ['CBA', { within: 28 }],
        ['E', { class: 'spring' }],
        ['', { class: 'spring', vehicle: 'Pier 2' }],
    ])('shows %s by %j, the nearest exam and the least ready first', (shown, filter) => {
        expect(
            filtered(rows, { ...NO_FILTER, ...filter })
                .map(({ name }) => name)
                .join(''),
        ).toBe(shown);
    });

    it('offers every value once', () => {
        expect(choices([...rows, row('F', { vehicle: '' })], 'vehicle').map(({ value }) => value)).toEqual([
            'Dock 4',
            'Pier 2',
        ]);
    });
});

describe('cards to practice', () => {
    const item = (id: string) => ({ id, component: id.split('@')[0], name: id, where: '', essential: [] });
    const drill = (id: string) => ({ item: id, name: id, minutes: 1, gain: 0.01 });
    const readiness = {
        today: [
            { on: null, minutes: 10, gain: 0.1, drills: [drill('rear.flaps'), drill('cab.horn'), drill('test.leak')] },
            { on: null, minutes: 20, gain: 0.2, drills: [drill('cab.horn')] },
        ],
        inspection: {
            places: [
                { id: 'cab', name: 'Cab', items: [item('cab.belt'), item('cab.horn'), item('test.leak')] },
                { id: 'rear', name: 'Rear', items: [item('rear.flaps')] },
            ],
        },
    } as unknown as Readiness;

    it('come in the order of the walk, and brake tests are left to the cab', () => {
        const { cards, tests } = cardsOf(readiness, 10);
        expect(cards.map(({ item: { id }, placeName }) => [id, placeName])).toEqual([
            ['cab.horn', 'Cab'],
            ['rear.flaps', 'Rear'],
        ]);
        expect(tests).toBe(1);
    });

    it('are those of the minutes that there are, and of the shortest where nobody said', () => {
        expect(cardsOf(readiness, 20).cards).toHaveLength(1);
        expect(cardsOf(readiness, 7).cards).toHaveLength(2);
    });
});
