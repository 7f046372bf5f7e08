import { alike, byAsked, comparedWith, progressOf } from '@/shared/alike';
import type { Schemas } from '@/shared/api/client';
import { describe, expect, it } from 'vitest';

type Card = Schemas['AttemptCardResource'];
let turn = 0;
const walk = (permille: number | null, checklist = 'Whole', form: string | null = null): Card =>
    ({ id: `w${++turn}`, permille, checklist, form, started_at: `2026-11-${10 + turn}` }) as Card;

describe('walks compared like with like', () => {
    it('takes no other checklist and no other form beside it', () => {
        const [whole, strict, a, b] = [
            walk(900),
            walk(240, 'Strict'),
            walk(500, 'Drawn', 'a'),
            walk(700, 'Drawn', 'b'),
        ];
        expect(alike([whole, strict, a, b], walk(0, 'Drawn', 'a'))).toEqual([a]);
        expect(byAsked([walk(1, 'Whole', 'only:front+engine')])[0]?.asked).toBe('“Whole”, only front, engine');
        expect(byAsked([whole, strict, a, b]).map(({ asked }) => asked)).toEqual([
            '“Drawn”, form b',
            '“Drawn”, form a',
            '“Strict”',
            '“Whole”',
        ]);
    });

    it.each<[(number | null)[], string]>([
        [[], 'No finished walk yet.'],
        [[null], 'No finished walk yet.'],
        [[612], 'One walk so far: 61.2% earned.'],
        [[612, 700], '70.0% earned in the last walk, up 8.8 points since the first of 2.'],
        [[700, 500, 612], '61.2% earned in the last walk, down 8.8 points since the first of 3.'],
        [[700, 700], '70.0% earned in the last walk, no change since the first of 2.'],
    ])('tells of %j how it went', (shares, words) => {
        expect(progressOf(shares.map((share) => walk(share)))).toBe(words);
    });

    it.each<[number[], number, string]>([
        [[], 500, 'this is the first finished walk of this kind.'],
        [[500], 612, '11.2 points more than last time, and the best so far.'],
        [[700, 500], 612, '11.2 points more than last time.'],
        [[700], 612, '8.8 points less than last time.'],
        [[612], 612, 'the same as last time.'],
    ])('after %j, %d is %s', (earlier, now, words) => {
        expect(
            comparedWith(
                earlier.map((share) => walk(share)),
                now,
            ),
        ).toBe(words);
    });
});
