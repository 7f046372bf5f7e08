import type { Observation, Step } from './api';

/** Where the reading belongs that a step asks for: at the end of its minute, if it asks for that, else where it began. */
export function momentOf({ what, at_ms: began, test }: Step, events: readonly Observation[]): number {
    const at = began ?? 0;
    if (!test.startsWith('leak') || !what.includes('end of the minute')) return at;
    return events.find(({ kind, at_ms }) => kind === 'minute-ended' && at_ms > at)?.at_ms ?? at;
}
