import type { PlanLayout } from './planLayout';

export interface Hop {
    d: string;
    /** Whether it goes back against the line. */
    isBack: boolean;
}

/** Between the middles of a step forward and one back. */
const APART = 14;

/** Where a walk left the line: an arc over the vehicle for each step that is not the next stop. */
export function hopPath(walked: string[], layout: PlanLayout): Hop[] {
    const at = new Map(layout.stops.map((stop, index) => [stop.place, { stop, index }]));
    const middle = (layout.top + layout.bottom) / 2;
    return walked.flatMap((place, n) => {
        const [from, to] = [at.get(walked[n - 1] ?? ''), at.get(place)];
        if (from === undefined || to === undefined || to.index === from.index + 1 || to.index === from.index) return [];
        const isBack = to.index < from.index;
        // There and back again are two lines.
        const bend =
            (from.stop.lane === to.stop.lane ? middle : (from.stop.y + to.stop.y) / 2) + (isBack ? APART : -APART);
        const x = (from.stop.x + to.stop.x) / 2;
        return [
            {
                d: `M${from.stop.x} ${from.stop.y}Q${x} ${bend} ${to.stop.x} ${to.stop.y}`,
                isBack,
            },
        ];
    });
}
