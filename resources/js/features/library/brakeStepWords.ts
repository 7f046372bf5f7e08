import type { ChecklistDocument } from './api';

export type BrakeStep = NonNullable<NonNullable<ChecklistDocument['rules']['brake_tests']>['steps']>[number];

type Words<K extends string> = Record<K, string>;

/* What the open format has, as people call it; every value of it has to be here, or it does not compile. */
export const testNames: Words<BrakeStep['test']> = {
    'cut-out': 'Governor cut-out',
    'cut-in': 'Governor cut-in',
    'build-up': 'Build-up',
    'leak-applied': 'Leak test, brakes applied',
    'leak-released': 'Leak test, brakes released',
    'low-air': 'Low-air warning',
    'spring-pop': 'Spring brakes',
    'tug-tractor': 'Tractor parking-brake tug',
    'tug-trailer': 'Trailer parking-brake tug',
    'tug-hand': 'Trailer hand-valve tug',
    service: 'Service brake',
};

const stateNames: Words<NonNullable<BrakeStep['needs']>[number]> = {
    'chocks-in': 'wheels chocked',
    'chocks-out': 'chocks out',
    'belt-on': 'belt on',
    'engine-on': 'engine running',
    'engine-off': 'engine off',
    'key-on': 'key on',
    'valves-in': 'valves in',
    'valves-out': 'valves out',
    'low-gear': 'low gear',
    neutral: 'neutral',
    'clutch-down': 'clutch down',
    'pedal-down': 'pedal down',
    'hand-valve-on': 'hand valve on',
    rpm: 'engine speed',
};

const saidNames: Words<NonNullable<BrakeStep['say']>[number]> = {
    'start-reading': 'the reading at the start',
    'end-reading': 'the reading at the end',
    limit: 'the limit',
    'area-clear': 'that the area is clear',
};

const options = <K extends string>(names: Words<K>): { value: K; label: string }[] =>
    (Object.entries(names) as [K, string][]).map(([value, label]) => ({ value, label }));

export const testOptions = options(testNames);
export const stateOptions = options(stateNames);
export const saidOptions = options(saidNames);

interface StepFigure {
    key:
        | 'low'
        | 'high'
        | 'single_low'
        | 'single_high'
        | 'from_psi'
        | 'slack_seconds'
        | 'least_rpm'
        | 'build_from_psi'
        | 'build_to_psi';
    label: string;
    unit: string;
}
const from = (unit: string): StepFigure => ({ key: 'low', label: 'From', unit });
const most = (unit: string): StepFigure => ({ key: 'high', label: 'At most', unit });
const leak: StepFigure[] = [
    most('psi'),
    { key: 'single_high', label: 'At most, single vehicle', unit: 'psi' },
    { key: 'from_psi', label: 'Begun at no less than', unit: 'psi' },
    { key: 'slack_seconds', label: 'A minute may be short by', unit: 's' },
];

/** The figures that a test can be given. */
export const figuresOf: Record<BrakeStep['test'], StepFigure[]> = {
    'cut-out': [from('psi'), most('psi'), { key: 'least_rpm', label: 'Engine speed, where needed', unit: 'rpm' }],
    'cut-in': [from('psi below cut-out'), most('psi below cut-out')],
    'build-up': [
        most('s'),
        { key: 'build_from_psi', label: 'Timed from', unit: 'psi' },
        { key: 'build_to_psi', label: 'Timed to', unit: 'psi' },
        { key: 'least_rpm', label: 'Engine speed, where needed', unit: 'rpm' },
    ],
    'leak-applied': leak,
    'leak-released': leak,
    'low-air': [from('psi')],
    'spring-pop': [
        from('psi'),
        most('psi'),
        { key: 'single_low', label: 'From, single vehicle', unit: 'psi' },
        { key: 'single_high', label: 'At most, single vehicle', unit: 'psi' },
    ],
    'tug-tractor': [],
    'tug-trailer': [],
    'tug-hand': [],
    service: [],
};
