import type { Bench, Step } from './api';

/** The step that is being done, or comes next; where none is left, the one that a question is open of. */
export const stepAtHand = ({ steps }: Pick<Bench, 'steps'>): Step | undefined =>
    steps.find(({ outcome }) => outcome === 'not-yet' || outcome === 'not-done') ??
    steps.find(({ outcome }) => outcome === 'not-judged');
