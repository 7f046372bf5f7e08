import type { Mark } from '@/shared/outbox/Outbox';
import type { History } from './api';

export interface TimeLineRow {
    mark: Mark;
    by: string | undefined;
    /** Id of the undo that took it back. */
    undone: string | undefined;
}

/** Everything that was marked, newest first: what the server has, and what waits on this device. */
export function timeLine(history: History[], waiting: readonly Mark[]): TimeLineRow[] {
    const known = new Set(history.map(({ mark }) => mark.id));
    const marks = [...history.map(({ mark }) => mark), ...waiting.filter((mark) => !known.has(mark.id))];
    const undoneBy = new Map<string, string>();
    const gone = new Set<string>();
    for (const mark of marks.toReversed()) {
        if (gone.has(mark.id) || mark.undoes === undefined) continue;
        gone.add(mark.undoes);
        undoneBy.set(mark.undoes, mark.id);
    }
    const by = new Map(history.map((one) => [one.mark.id, one.by]));
    return marks
        .filter((mark) => mark.kind !== 'undo')
        .map((mark) => ({ mark, by: by.get(mark.id), undone: undoneBy.get(mark.id) }))
        .toReversed();
}
