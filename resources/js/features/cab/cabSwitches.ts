import type { AirVehicle, Control } from './api';

export interface CabSwitch {
    kind: Control['kind'];
    label: string;
    /** Letter on a keyboard. */
    letter: string;
    /** What it is sent as and what it is called; it stands at the first to begin with. */
    states: [[string, string], [string, string]];
    shownOn?: (vehicle: AirVehicle) => boolean;
}

/** The switches of the cab in the order in which a start goes through them. */
export const cabSwitches: CabSwitch[] = [
    {
        kind: 'chocks',
        label: 'Chocks',
        letter: 'x',
        states: [
            ['out', 'away'],
            ['in', 'set'],
        ],
    },
    {
        kind: 'belt',
        label: 'Belt',
        letter: 'b',
        states: [
            ['off', 'off'],
            ['on', 'on'],
        ],
    },
    {
        kind: 'gear',
        label: 'Gear',
        letter: 'g',
        states: [
            ['neutral', 'neutral'],
            ['low', 'low'],
        ],
    },
    {
        kind: 'clutch',
        label: 'Clutch',
        letter: 'c',
        states: [
            ['up', 'up'],
            ['down', 'down'],
        ],
        shownOn: (v) => v.is_manual,
    },
    {
        kind: 'key',
        label: 'Key',
        letter: 'k',
        states: [
            ['off', 'off'],
            ['on', 'on'],
        ],
    },
    {
        kind: 'engine',
        label: 'Engine',
        letter: 'e',
        states: [
            ['off', 'off'],
            ['on', 'runs'],
        ],
    },
    {
        kind: 'tractor-valve',
        label: 'Tractor valve',
        letter: 't',
        states: [
            ['out', 'out'],
            ['in', 'in'],
        ],
    },
    {
        kind: 'trailer-valve',
        label: 'Trailer valve',
        letter: 'r',
        states: [
            ['out', 'out'],
            ['in', 'in'],
        ],
        shownOn: (v) => v.combination,
    },
    {
        kind: 'hand-valve',
        label: 'Hand valve',
        letter: 'h',
        states: [
            ['off', 'off'],
            ['on', 'on'],
        ],
        shownOn: (v) => v.has_hand_valve,
    },
];

/** Engine speeds to choose from: idle, fast idle, and faster than the build-up asks. */
export const cabSpeeds = [650, 900, 1200];

export interface CabMove {
    label: string;
    letter: string;
    id: string;
    control: Omit<Control, 'at_ms'>;
}
/** Tug and stop are answered by the brakes, whatever is sent. */
export const cabMoves: CabMove[] = [
    { label: 'Gentle tug', letter: 'u', id: 'tug', control: { kind: 'tug', to: 'held' } },
    { label: 'Roll at 5 mph', letter: 'l', id: 'roll', control: { kind: 'rolling', value: 5 } },
    { label: 'Has stopped', letter: 'o', id: 'stop', control: { kind: 'stopped', to: 'straight' } },
];
