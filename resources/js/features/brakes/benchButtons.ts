import type { Bench, BrakeEvent } from '@/shared/brakes/api';

export type Seen = Omit<BrakeEvent, 'at_ms'>;

export interface BenchButton {
    label: string;
    kind: BrakeEvent['kind'];
    to?: string;
    /** Both gauges go with it: the pressure at that moment is what is judged. */
    gauges?: boolean;
    value?: number;
    trailer?: boolean;
    hand?: boolean;
    /** Only where the parking brakes are valves, or only where they are not. */
    valves?: boolean;
}

/** One tap each, in the order in which most people go through the cab. */
export const benchGroups: { name: string; buttons: BenchButton[] }[] = [
    {
        name: 'Cab',
        buttons: [
            { label: 'Key on', kind: 'key', to: 'on' },
            { label: 'Key off', kind: 'key', to: 'off' },
            { label: 'Engine on', kind: 'engine', to: 'on' },
            { label: 'Engine off', kind: 'engine', to: 'off' },
            { label: 'Belt on', kind: 'belt', to: 'on' },
            { label: 'Low gear', kind: 'gear', to: 'low' },
        ],
    },
    {
        name: 'Chocks, valves, pedal',
        buttons: [
            { label: 'Chocks in', kind: 'chocks', to: 'in' },
            { label: 'Chocks out', kind: 'chocks', to: 'out' },
            { label: 'Tractor valve in', kind: 'tractor-valve', to: 'in', valves: true },
            { label: 'Tractor valve out', kind: 'tractor-valve', to: 'out', valves: true },
            { label: 'Trailer valve in', kind: 'trailer-valve', to: 'in', trailer: true },
            { label: 'Trailer valve out', kind: 'trailer-valve', to: 'out', trailer: true },
            { label: 'Pedal down', kind: 'pedal', to: 'down' },
            { label: 'Pedal up', kind: 'pedal', to: 'up' },
            { label: 'Parking brake set', kind: 'parking-brake', to: 'set', valves: false },
            { label: 'Parking brake released', kind: 'parking-brake', to: 'released', valves: false },
            { label: 'Pumped three times', kind: 'pumped', valves: false },
            { label: 'Hand valve on', kind: 'hand-valve', to: 'on', hand: true },
            { label: 'Hand valve off', kind: 'hand-valve', to: 'off', hand: true },
        ],
    },
    {
        name: 'Seen and heard',
        buttons: [
            { label: 'Dryer purges', kind: 'cut-out', gauges: true },
            { label: 'Governor cut-in', kind: 'cut-in', gauges: true },
            { label: 'Low-air warning', kind: 'warning', gauges: true },
            { label: 'Trailer valve pops', kind: 'popped', to: 'trailer', gauges: true, trailer: true, valves: true },
            { label: 'Tractor valve pops', kind: 'popped', to: 'tractor', gauges: true, valves: true },
            { label: 'Both valves pop', kind: 'popped', to: 'both', gauges: true, trailer: true, valves: true },
            { label: 'Pedal stays firm', kind: 'pedal-held', to: 'firm', valves: false },
            { label: 'Pedal sinks', kind: 'pedal-held', to: 'sank', valves: false },
            { label: 'Tug: held', kind: 'tug', to: 'held' },
            { label: 'Tug: moved', kind: 'tug', to: 'moved' },
            { label: 'Rolling, 5 mph', kind: 'rolling', value: 5 },
            { label: 'Stopped straight', kind: 'stopped', to: 'straight' },
            { label: 'Pulled to a side', kind: 'stopped', to: 'pulled' },
        ],
    },
    {
        name: 'Said',
        buttons: [
            { label: 'Start reading', kind: 'said', to: 'start-reading' },
            { label: 'End reading', kind: 'said', to: 'end-reading' },
            { label: 'Area clear', kind: 'said', to: 'area-clear' },
        ],
    },
];

export const benchButtons: BenchButton[] = benchGroups.flatMap(({ buttons }) => buttons);

/** Whether a vehicle has what the button is for; without air there is no needle to read with it. */
export function isOn(button: BenchButton, bench: Bench): boolean {
    return (
        (button.trailer !== true || bench.combination) &&
        (button.hand !== true || bench.has_hand_valve) &&
        (button.valves ?? bench.has_valves) === bench.has_valves &&
        (button.gauges !== true || bench.has_gauges)
    );
}

/** As the server names what belongs to a step: "pedal:down", "cut-out:". */
export const keyOf = ({ kind, to }: BenchButton): string => `${kind}:${to ?? ''}`;
