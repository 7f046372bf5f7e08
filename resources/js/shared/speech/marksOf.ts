import { pointsOf } from '@/shared/attempt/halves';
import { figureOf, isAccepted } from '@/shared/attempt/shownItems';
import type { Item } from '@/shared/attempt/api';
import type { Mark } from '@/shared/outbox/Outbox';
import { v7 } from 'uuid';
import type { Draft } from '@/shared/attempt/useAttempt';
import type { Suggestion } from './api';

/** The marks that accepting makes, as the server laid them out; the page only gives them their ids. */
export const marksOf = (suggestion: Suggestion): Mark[] =>
    suggestion.marks.map((mark) => ({ ...(mark as Omit<Mark, 'id'>), id: v7() }));

/** The points that a proposal would mark as said, of its item; it names the part in any case. */
export const pointsProposed = (suggestion: Suggestion, item: Item): ReadonlySet<string> =>
    new Set([
        'identified',
        ...suggestion.marks.flatMap((mark) => {
            if (mark['kind'] === 'heard_whole') return pointsOf(item).map(({ code }) => code);
            return mark['kind'] === 'said_wrong' || !Array.isArray(mark['points']) ? [] : mark['points'].map(String);
        }),
    ]);

/** Figures of a proposal that its item does not accept, each with what was said and what is right. */
export const wrongFiguresOf = (suggestion: Suggestion, item: Item): string[] =>
    suggestion.marks.flatMap((mark) => {
        if (mark['kind'] !== 'figure_heard' || !Array.isArray(mark['points'])) return [];
        const value = Number(mark['value']);
        const figure = figureOf(item, mark['points'].map(String));
        return isAccepted(figure, value)
            ? []
            : [`Wrong figure: ${value} was said; it is ${figure?.said ?? ''}. It will be marked as wrong.`];
    });

/**
 * The same with the part and the points that the scorer chose instead of those that were proposed. A point that was
 * said with a figure keeps it, so that a wrong one stays wrong.
 */
export function marksWith(suggestion: Suggestion, item: string, points: NonNullable<Mark['points']>): Mark[] {
    const made = marksOf(suggestion);
    const first = made[0];
    if (first === undefined) return [];
    // Another part may have no figure there, or another one.
    const figures = made.filter(
        ({ kind, points: said }) =>
            item === suggestion.item &&
            kind === 'figure_heard' &&
            said?.every((code) => points.includes(code)) === true,
    );
    const withFigure = new Set(figures.flatMap((mark) => mark.points ?? []));
    return [
        {
            id: first.id,
            at_ms: first.at_ms,
            kind: 'points_heard',
            item,
            points: points.filter((code) => !withFigure.has(code)),
            ...(first.evidence === undefined ? {} : { evidence: first.evidence }),
        },
        // The first mark's id is taken already.
        ...figures.map((mark) => ({ ...mark, id: v7(), item })),
    ];
}

/** The same for a walk that goes on: the moment of confirming is the screen's, so the marks come without a time. */
export const draftsOf = (suggestion: Suggestion): Draft[] =>
    suggestion.marks.map((mark) => {
        const draft = { ...mark };
        delete draft['at_ms'];
        return draft as Draft;
    });
