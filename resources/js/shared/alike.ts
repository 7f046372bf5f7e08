import type { Schemas } from './api/client';
import { CHOSEN } from './attempt/start';
import { percent } from './format';

type Card = Schemas['AttemptCardResource'];

/** What a form is called beside its checklist; chosen sections by their ids. */
const formWords = (form: string): string =>
    form.startsWith(CHOSEN) ? `only ${form.slice(CHOSEN.length).replaceAll('+', ', ')}` : `form ${form}`;

/** Shares under one checklist and form mean the same; under two they are two different questions. */
const asked = ({ checklist, form }: Card): string =>
    form === null ? `“${checklist}”` : `“${checklist}”, ${formWords(form)}`;

/** Those that were asked the same as this one. */
export const alike = (attempts: Card[], as: Card): Card[] => attempts.filter((one) => asked(one) === asked(as));

/** Finished walks by what was asked, the latest asked first; within each as they were given. */
export function byAsked(attempts: Card[]): { asked: string; attempts: Card[] }[] {
    const groups = new Map<string, Card[]>();
    for (const attempt of attempts) groups.set(asked(attempt), [...(groups.get(asked(attempt)) ?? []), attempt]);
    return [...groups]
        .map(([of, ones]) => ({ asked: of, attempts: ones }))
        .sort((a, b) => (b.attempts.at(-1)?.started_at ?? '').localeCompare(a.attempts.at(-1)?.started_at ?? ''));
}

const points = (permille: number): string => percent(Math.abs(permille)).replace('%', '');

/** How the last of them stands beside the first; oldest first, all asked the same. */
export function progressOf(attempts: Card[]): string {
    const [first, last] = [attempts[0]?.permille ?? null, attempts.at(-1)?.permille ?? null];
    if (first === null || last === null) return 'No finished walk yet.';
    if (attempts.length === 1) return `One walk so far: ${percent(last)} earned.`;
    const change = last - first;
    const moved = change === 0 ? 'no change' : `${change > 0 ? 'up' : 'down'} ${points(change)} points`;
    return `${percent(last)} earned in the last walk, ${moved} since the first of ${attempts.length}.`;
}

/** How a walk stands beside those before it; all asked the same, oldest first. */
export function comparedWith(earlier: Card[], permille: number): string {
    const before = earlier.at(-1)?.permille ?? null;
    if (before === null) return 'this is the first finished walk of this kind.';
    const best = Math.max(...earlier.map((one) => one.permille ?? 0));
    const change = permille - before;
    const moved =
        change === 0
            ? 'the same as last time'
            : `${points(change)} points ${change > 0 ? 'more' : 'less'} than last time`;
    return `${moved}${permille > best ? ', and the best so far' : ''}.`;
}
