import type { BrakeEvent } from '@/shared/brakes/api';

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
            { label: 'Tractor valve in', kind: 'tractor-valve', to: 'in' },
            { label: 'Tractor valve out', kind: 'tractor-valve', to: 'out' },
            { label: 'Trailer valve in', kind: 'trailer-valve', to: 'in', trailer: true },
            { label: 'Trailer valve out', kind: 'trailer-valve', to: 'out', trailer: true },
            { label: 'Pedal down', kind: 'pedal', to: 'down' },
            { label: 'Pedal up', kind: 'pedal', to: 'up' },
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
            { label: 'Trailer valve pops', kind: 'popped', to: 'trailer', gauges: true, trailer: true },
            { label: 'Tractor valve pops', kind: 'popped', to: 'tractor', gauges: true },
            { label: 'Both valves pop', kind: 'popped', to: 'both', gauges: true, trailer: true },
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

/** As the server names what belongs to a step: "pedal:down", "cut-out:". */
export const keyOf = ({ kind, to }: BenchButton): string => `${kind}:${to ?? ''}`;
