import type { Schemas } from '@/shared/api/client';
import type { PlanLayout } from './planLayout';

type Unit = Schemas['UnitResource'];

export interface Shape {
    key: string;
    d: string;
    kind: 'body' | 'frame' | 'load' | 'slat';
}

type Add = (kind: Shape['kind'], d: string) => void;

/** How a unit is drawn: where its ends are, and how far it reaches to each side of the middle. */
interface Place {
    from: number;
    to: number;
    mid: number;
    half: number;
    xOf: (feet: number) => number;
}

/** Feet from the front bumper to the cab, and to its back; the drawing only. */
export const CAB_FROM = 5.5;
export const cabEnd = (unit: Unit): number => unit.from_ft + (unit.kind === 'sleeper-tractor' ? 15 : 10.5);

const box = ({ mid }: Place, x1: number, x2: number, reach: number): string =>
    `M${x1} ${mid - reach}H${x2}V${mid + reach}H${x1}z`;

/** Lines across, from one side to the other. */
function slats(add: Add, at: Place, from: number, pitch: number, reach = at.half): void {
    for (let x = from + pitch * 0.6; x < at.to - 6; x += pitch)
        add('slat', `M${x} ${at.mid - reach}V${at.mid + reach}`);
}

/** The nose of what drives: hood, cab and the frame behind it. */
function cab(add: Add, unit: Unit, at: Place): void {
    const { from, mid, half, xOf } = at;
    const start = xOf(unit.from_ft + CAB_FROM);
    add('frame', box(at, start, at.to, half * 0.34));
    add(
        'body',
        [
            `M${start} ${mid - half * 0.8}L${from + 8} ${mid - half * 0.62}`,
            `Q${from} ${mid} ${from + 8} ${mid + half * 0.62}L${start} ${mid + half * 0.8}z`,
        ].join(''),
    );
    add('body', box(at, start, xOf(cabEnd(unit)), half));
}

/** One box from end to end; the windows tell it from a van, and a hood in front a school bus from a coach. */
function bus(add: Add, unit: Unit, at: Place): void {
    const { from, to, mid, half, xOf } = at;
    const start = unit.body === 'school-bus' ? xOf(unit.from_ft + 4.5) : from;
    if (start > from) add('body', box(at, from, start, half * 0.66));
    add('body', box(at, start, to, half));
    for (let x = start + 34; x < to - 10; x += 30) add('slat', `M${x} ${mid - half}v7M${x} ${mid + half}v-7`);
    add('slat', `M${start + 12} ${mid - half * 0.9}V${mid + half * 0.9}`);
}

/** The bars that run together to the eye or the ball of the unit in front. */
function drawbar(add: Add, at: Place, length: number): void {
    const x = at.from + length;
    add(
        'frame',
        `M${at.from} ${at.mid - 3}L${x} ${at.mid - at.half * 0.5}V${at.mid + at.half * 0.5}L${at.from} ${at.mid + 3}z`,
    );
}

const bodies: Partial<Record<Unit['body'], (add: Add, at: Place) => void>> = {
    van: (add, at) => add('load', box(at, at.from, at.to, at.half)),
    refrigerated: (add, at) => {
        add('load', box(at, at.from, at.to, at.half));
        add('body', box(at, at.from - 9, at.from, at.half * 0.62));
        add('slat', `M${at.from - 4.5} ${at.mid - at.half * 0.4}V${at.mid + at.half * 0.4}`);
    },
    flatbed: (add, at) => {
        add('load', box(at, at.from, at.to, at.half));
        add('body', box(at, at.from, at.from + 7, at.half));
        for (const lane of [-0.5, 0, 0.5]) add('slat', `M${at.from + 7} ${at.mid + at.half * lane}H${at.to}`);
    },
    hopper: (add, { from, to, mid, half, xOf }) => {
        add('load', box({ from, to, mid, half, xOf }, from, to, half));
        for (const [a, b] of [
            [0.06, 0.48],
            [0.52, 0.94],
        ] as const) {
            const [x1, x2] = [from + (to - from) * a, from + (to - from) * b];
            const cx = (x1 + x2) / 2;
            add('slat', [x1, x2].map((x) => `M${x} ${mid - half}L${cx} ${mid}L${x} ${mid + half}`).join(''));
        }
    },
    tanker: (add, { from, to, mid, half }) => {
        add(
            'load',
            [
                `M${from + half} ${mid - half * 0.85}H${to - half}`,
                `A${half * 0.9} ${half * 0.85} 0 0 1 ${to - half} ${mid + half * 0.85}H${from + half}`,
                `A${half * 0.9} ${half * 0.85} 0 0 1 ${from + half} ${mid - half * 0.85}z`,
            ].join(''),
        );
        for (const at of [0.3, 0.5, 0.7]) {
            const x = from + (to - from) * at;
            add('body', `M${x - 6} ${mid}a6 6 0 1 0 12 0a6 6 0 1 0 -12 0`);
        }
    },
    'container-chassis': (add, at) => {
        for (const part of [0.01, 0.34, 0.67, 0.99]) {
            const x = at.from + (at.to - at.from) * part;
            add('load', box(at, Math.max(at.from, x - 4), Math.min(at.to, x + 4), at.half));
        }
    },
    'stake-bed': (add, at) => {
        add('load', box(at, at.from, at.to, at.half));
        slats(add, at, at.from, 26);
    },
    dump: (add, at) => {
        add('load', box(at, at.from, at.to, at.half));
        add('slat', box(at, at.from + 8, at.to - 8, at.half - 8));
        add('body', box(at, at.to - 5, at.to, at.half));
    },
    lowboy: (add, at) => {
        const deck = at.from + (at.to - at.from) * 0.22;
        add('body', box(at, at.from, deck, at.half * 0.5));
        add('load', box(at, deck, at.to, at.half));
        slats(add, at, deck, 34);
    },
};

/** A unit from above, front to the left, drawn from its own description. */
export function unitShapes(unit: Unit, index: number, layout: PlanLayout): Shape[] {
    const shapes: Shape[] = [];
    const add: Add = (kind, d) => void shapes.push({ key: `${index}-${shapes.length}`, kind, d });
    const at: Place = {
        from: layout.xOf(unit.from_ft),
        to: layout.xOf(unit.to_ft),
        mid: (layout.top + layout.bottom) / 2,
        half: (layout.bottom - layout.top) / 2,
        xOf: layout.xOf,
    };
    if (unit.kind === 'bus') {
        bus(add, unit, at);
        return shapes;
    }
    if (unit.kind === 'dolly') {
        drawbar(add, at, (at.to - at.from) * 0.5);
        add('frame', box(at, at.from + (at.to - at.from) * 0.5, at.to, at.half * 0.5));
        return shapes;
    }
    let from = at.from;
    if (unit.kind === 'semitrailer') add('frame', box(at, at.from, at.to, at.half * 0.34));
    else if (unit.kind === 'drawbar-trailer') {
        from += Math.min((at.to - at.from) * 0.2, 5 * layout.scale);
        drawbar(add, at, from - at.from);
    } else {
        cab(add, unit, at);
        from = layout.xOf(cabEnd(unit)) + 6;
    }
    bodies[unit.body]?.(add, { ...at, from });
    return shapes;
}
