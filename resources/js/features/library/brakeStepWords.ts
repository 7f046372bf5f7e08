/** The tests, states and words that a sequence may name, as the open format has them and as people call them. */
export const brakeTests = [
    { value: 'cut-out', label: 'Governor cut-out', unit: 'psi' },
    { value: 'cut-in', label: 'Governor cut-in', unit: 'psi below cut-out' },
    { value: 'build-up', label: 'Build-up', unit: 's' },
    { value: 'leak-applied', label: 'Leak test, brakes applied', unit: 'psi' },
    { value: 'leak-released', label: 'Leak test, brakes released', unit: 'psi' },
    { value: 'low-air', label: 'Low-air warning', unit: 'psi' },
    { value: 'spring-pop', label: 'Spring brakes', unit: 'psi' },
    { value: 'tug-tractor', label: 'Tractor parking-brake tug', unit: '' },
    { value: 'tug-trailer', label: 'Trailer parking-brake tug', unit: '' },
    { value: 'tug-hand', label: 'Trailer hand-valve tug', unit: '' },
    { value: 'service', label: 'Service brake', unit: '' },
];

export const cabStates = [
    { value: 'chocks-in', label: 'wheels chocked' },
    { value: 'chocks-out', label: 'chocks out' },
    { value: 'belt-on', label: 'belt on' },
    { value: 'engine-on', label: 'engine running' },
    { value: 'engine-off', label: 'engine off' },
    { value: 'key-on', label: 'key on' },
    { value: 'valves-in', label: 'valves in' },
    { value: 'low-gear', label: 'low gear' },
];

export const saidWords = [
    { value: 'start-reading', label: 'the reading at the start' },
    { value: 'end-reading', label: 'the reading at the end' },
    { value: 'limit', label: 'the limit' },
    { value: 'area-clear', label: 'that the area is clear' },
];

export interface BrakeStep {
    test: string;
    low?: number;
    high?: number;
    say?: string[];
    needs?: string[];
    from_psi?: number;
    slack_seconds?: number;
    first_drop?: 'left-out' | 'counted';
}
