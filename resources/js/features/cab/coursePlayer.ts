import type { AirCourse } from './api';

export interface Gauges {
    primary: number;
    secondary: number;
    warning: boolean;
}

/** What the needles show at a moment: between two samples they move evenly. */
export function gaugesAt(course: AirCourse, ms: number, startPsi: number): Gauges {
    const rows = course.samples;
    const next = rows.findIndex((row) => (row[0] ?? 0) > ms);
    const after = rows[next === -1 ? rows.length - 1 : next];
    const before = rows[Math.max(0, (next === -1 ? rows.length : next) - 1)] ?? after;
    if (after === undefined || before === undefined) return { primary: startPsi, secondary: startPsi, warning: false };
    const span = (after[0] ?? 0) - (before[0] ?? 0);
    const share = span <= 0 ? 0 : Math.min(1, Math.max(0, (ms - (before[0] ?? 0)) / span));
    const between = (column: number): number =>
        (before[column] ?? 0) + share * ((after[column] ?? 0) - (before[column] ?? 0));
    return { primary: between(1), secondary: between(2), warning: before[3] === 1 };
}

const words: Record<string, string> = {
    'cut-out:': 'Psssh: the dryer purges.',
    'popped:tractor': 'The tractor valve pops out.',
    'popped:trailer': 'The trailer valve pops out.',
    'popped:both': 'Both valves pop out.',
    'tug:held': 'It holds.',
    'tug:moved': 'It moves.',
    'stopped:straight': 'Stopped, straight.',
    'stopped:pulled': 'Stopped, and pulled to a side.',
};
/** How long something that happened is told. */
const TOLD_MS = 3500;

/** What just happened, in words; empty after a while. */
export function toldAt(course: AirCourse, ms: number): string {
    const last = course.events.findLast(
        (event) => event.at_ms <= ms && words[`${event.kind}:${event.to ?? ''}`] !== undefined,
    );
    return last === undefined || ms - last.at_ms > TOLD_MS ? '' : (words[`${last.kind}:${last.to ?? ''}`] ?? '');
}
