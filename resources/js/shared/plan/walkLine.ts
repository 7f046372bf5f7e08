type Lane = 'far' | 'near' | 'nose' | 'rear';

export interface WalkLine {
    /** Path of SVG. */
    d: string;
    length: number;
    /** How far along the line a point of a lane lies, in pixels. */
    along: (lane: Lane, x: number) => number;
}

interface Ends {
    starts: { lane: 'far' | 'near'; x: number };
    ends: { lane: 'far' | 'near' | 'rear'; x: number };
    /** Whether the line comes round the nose before it reaches the near lane. */
    turnsNose: boolean;
    /** Where the straight lanes end and the turns begin. */
    low: number;
    high: number;
    yFar: number;
    yNear: number;
}

/** The line of a walk: along the far lane to the nose, round it, along the near lane, and round the rear. */
export function walkLine({ starts, ends, turnsNose, low, high, yFar, yNear }: Ends): WalkLine {
    const radius = (yNear - yFar) / 2;
    const turn = Math.PI * radius;
    const arc = (x: number, y: number): string => `A${radius} ${radius} 0 0 0 ${x} ${y}`;
    const noseFrom = starts.lane === 'far' ? starts.x - low : 0;
    const nearFrom = starts.lane === 'far' ? noseFrom + turn : turnsNose ? turn / 2 : 0;
    const nearZero = turnsNose ? low : starts.x;
    const rearFrom = nearFrom + high - nearZero;
    const along = (lane: Lane, x: number): number =>
        lane === 'nose'
            ? nearFrom - turn / 2
            : lane === 'near'
              ? nearFrom + x - nearZero
              : lane === 'rear'
                ? rearFrom + turn / 2
                : starts.lane === 'far' && x <= starts.x
                  ? starts.x - x
                  : rearFrom + turn + high - x;
    // All of it in the cab: nothing to turn round.
    if (starts.lane === 'far' && ends.lane === 'far' && ends.x <= starts.x) {
        return { d: `M${starts.x} ${yFar}H${ends.x}`, length: starts.x - ends.x, along };
    }
    const start =
        starts.lane === 'far'
            ? `M${starts.x} ${yFar}H${low}${arc(low, yNear)}`
            : turnsNose
              ? `M${low - radius} ${yFar + radius}${arc(low, yNear)}`
              : `M${starts.x} ${yNear}`;
    const end =
        ends.lane === 'near'
            ? `H${ends.x}`
            : ends.lane === 'rear'
              ? `H${high}${arc(high + radius, yFar + radius)}`
              : `H${high}${arc(high, yFar)}H${ends.x}`;
    return { d: start + end, length: along(ends.lane, ends.x), along };
}
