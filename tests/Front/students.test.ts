import { sortStudents, type Card, type Head } from '@/features/students/sortStudents';
import { describe, expect, it } from 'vitest';

const card = (name: string, more: Partial<Card> = {}): Card => ({
    id: 1,
    name,
    class_id: 1,
    class_name: 'A',
    number: null,
    archived: false,
    exam_on: null,
    attempts: 0,
    last_attempt_at: null,
    last_standing: null,
    last_permille: null,
    last_reason: null,
    ...more,
});

describe('the list of students', () => {
    const cards = [
        card('Bram', {
            attempts: 3,
            last_attempt_at: '2026-11-02T10:00:00Z',
            last_standing: 'passed',
            last_permille: 953,
        }),
        card('Ada', {
            attempts: 9,
            last_attempt_at: '2026-11-20T10:00:00Z',
            last_standing: 'failed',
            last_permille: 953,
        }),
        card('Cleo', { exam_on: '2026-12-01' }),
        card('Dov', { exam_on: '2026-11-28', attempts: 3, last_standing: 'passed', last_permille: 700 }),
    ];
    const names = (by: Head, down = false): string =>
        sortStudents(cards, { by, down })
            .map(({ name }) => name[0])
            .join('');

    it.each<[Head, string, string]>([
        ['name', 'ABCD', 'DCBA'],
        ['walks', 'CBDA', 'ABDC'],
        ['last', 'BACD', 'ABCD'],
        ['earned', 'DABC', 'ABDC'],
        ['verdict', 'ABDC', 'BDAC'],
        ['exam', 'DCAB', 'CDAB'],
    ])('sorts by %s, with who has nothing there at the end', (by, up, down) => {
        expect([names(by), names(by, true)]).toEqual([up, down]);
    });

    it('leaves the list that it was given as it is', () => {
        names('earned', true);
        expect(cards.map(({ name }) => name[0]).join('')).toBe('BACD');
    });
});
