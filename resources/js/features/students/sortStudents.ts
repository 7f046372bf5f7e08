import type { Schemas } from '@/shared/api/client';

export type Card = Schemas['StudentCardResource'];
export type Head = 'name' | 'walks' | 'last' | 'earned' | 'verdict' | 'exam';
export interface Sorting {
    by: Head;
    down: boolean;
}

/** Whoever failed comes first, and who has walked nothing last. */
const verdicts = ['failed', 'open', 'passed'];
const keyOf: Record<Head, (card: Card) => string | number | null> = {
    name: ({ name }) => name,
    walks: ({ attempts }) => attempts,
    last: ({ last_attempt_at: at }) => at,
    earned: ({ last_permille: share }) => share,
    verdict: ({ last_standing: standing }) => (standing === null ? null : verdicts.indexOf(standing)),
    exam: ({ exam_on: day }) => day,
};

/** By one head; who has nothing there stays at the end both ways round, and names decide between equals. */
export function sortStudents(cards: Card[], { by, down }: Sorting): Card[] {
    const key = keyOf[by];
    const order = (a: string | number, b: string | number): number => (a < b ? -1 : a > b ? 1 : 0);
    return cards.toSorted((a, b) => {
        const [x, y] = [key(a), key(b)];
        if (x === null || y === null) return Number(x === null) - Number(y === null) || order(a.name, b.name);
        return (down ? -1 : 1) * order(x, y) || order(a.name, b.name);
    });
}
