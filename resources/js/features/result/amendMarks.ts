import type { Item } from '@/shared/attempt/api';
import type { Mark } from '@/shared/outbox/Outbox';

export type Change = 'whole' | 'points' | 'not_points' | 'figure' | 'wrong' | 'not_said' | 'not_fitted' | 'defect';

/** What an amendment says of one item, as the form has it. */
export interface Amended {
    change: Change;
    points: NonNullable<Mark['points']>;
    /** A figure as it was said. */
    value: number | null;
    /** The words said instead, or what was noticed. */
    text: string;
    late: boolean;
}

export const nothingAmended = (): Amended => ({ change: 'whole', points: [], value: null, text: '', late: false });

/** Which changes an item can have, in words. A brake test is done and not said. */
export function changesOf(item: Item): { value: Change; label: string }[] {
    const test = item.id.startsWith('test.');
    const all: { value: Change; label: string }[] = [
        { value: 'whole', label: test ? 'was done right' : 'was complete' },
        { value: 'points', label: 'these points were said' },
        { value: 'not_points', label: 'these points were not said' },
        { value: 'figure', label: 'this figure was said' },
        { value: 'wrong', label: test ? 'was done wrong' : 'these points were said wrong' },
        { value: 'not_said', label: test ? 'was not done' : 'was not said at all' },
        { value: 'not_fitted', label: 'is not equipped' },
        { value: 'defect', label: 'its defect was noticed' },
    ];
    return all.filter(({ value }) => value !== 'figure' || item.figures.length > 0);
}

const asksPoints: Change[] = ['points', 'not_points', 'wrong'];

export const takesPoints = ({ change }: Amended): boolean => asksPoints.includes(change);
export const takesText = ({ change }: Amended): boolean => change === 'wrong' || change === 'defect';
/** What is told to have been said can have been said too late; what was not said cannot. */
export const takesLate = ({ change }: Amended): boolean => ['whole', 'points', 'figure'].includes(change);

export const isComplete = (amended: Amended): boolean =>
    (!takesPoints(amended) || amended.points.length > 0) &&
    (amended.change !== 'figure' || (amended.points.length === 1 && amended.value !== null));

/** The marks that say it; the server puts them behind all that is in the record. */
export function amendMarks(item: Item, amended: Amended, id: string, atMs: number): Mark[] {
    const base = { id, at_ms: atMs, item: item.id };
    const said = { said: amended.late ? ('late' as const) : ('in_time' as const) };
    const text = amended.text.trim() === '' ? {} : { text: amended.text.trim() };
    const { points } = amended;
    switch (amended.change) {
        case 'whole':
            return [{ ...base, kind: 'heard_whole', ...said }];
        case 'points':
            return [{ ...base, kind: 'points_heard', points, ...said }];
        case 'not_points':
            return [{ ...base, kind: 'points_taken_back', points }];
        case 'figure':
            return [{ ...base, kind: 'figure_heard', points, value: amended.value ?? 0, ...said }];
        case 'wrong':
            return [{ ...base, kind: 'said_wrong', points, ...text, said: 'in_time' }];
        case 'not_said':
            return [{ ...base, kind: 'points_taken_back', points: ['identified'] }];
        case 'not_fitted':
            return [{ ...base, kind: 'not_fitted' }];
        case 'defect':
            return [{ ...base, kind: 'defect_noticed', ...text }];
    }
}
