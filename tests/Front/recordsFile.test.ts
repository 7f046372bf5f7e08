import { likely, readFile } from '@/features/records/recordsFile';
import { describe, expect, it } from 'vitest';

const one = (student: unknown): object => ({ format: 'pasada-record/1', student });

describe('a file of records', () => {
    it('is read by the names in it, most walks first', () => {
        const text = JSON.stringify({
            format: 'pasada-records/1',
            records: [one('Mira Tallgrass'), one('Odell Marrowby'), one(' Odell Marrowby '), one(7)],
        });
        expect(readFile(text).map(({ name, records }) => [name, records.length])).toEqual([
            ['Odell Marrowby', 2],
            ['Mira Tallgrass', 1],
            ['nobody by name', 1],
        ]);
    });

    it('may hold a single record', () => {
        expect(readFile(JSON.stringify(one('Mira Tallgrass')))).toHaveLength(1);
    });

    it.each([
        ['no JSON', 'attempt,student', 'This is no JSON'],
        ['another JSON', '{"a":1}', 'names no format'],
        ['nothing', 'null', 'names no format'],
        ['records that are no list', '{"format":"pasada-records/1","records":{}}', 'names no format'],
        ['no record', '{"format":"pasada-records/1","records":[]}', 'no record'],
        ['a record that is none', '{"format":"pasada-records/1","records":[7]}', 'Record 1'],
    ])('is refused with the reason: %s', (_, text, why) => {
        expect(() => readFile(text)).toThrow(why);
    });
});

describe('whose records they are', () => {
    it.each([
        ['the only one who may be meant', [1], 1],
        ['somebody new', [], 'new'],
        ['not decided where several may be', [2, 3], null],
    ] as const)('%s', (_, alike, whose) => {
        expect(likely([...alike])).toBe(whose);
    });
});
