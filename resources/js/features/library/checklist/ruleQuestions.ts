import type { ChecklistDocument } from '../api';

/**
 * The questions that schools and states answer differently, in the words of the trade. What an answer means is the
 * server's to say: this only names the places in the document.
 */
export interface RuleQuestion {
    /** Path below `rules`. */
    path: string[];
    /** Rule whose reason stands beside it. */
    rule: string;
    question: string;
    options: { value: string; label: string }[];
    /** What holds where the document says nothing. */
    usual: string;
}

export interface RuleNumber {
    path: string[];
    question: string;
    unit: string;
    low: number;
    high: number;
    /** Shown and typed value per stored one. */
    per?: number;
}

export const questions: RuleQuestion[] = [
    {
        path: ['credit'],
        rule: 'credit',
        question: 'When is an item earned?',
        usual: 'essential',
        options: [
            { value: 'named', label: 'Named, with one true statement' },
            { value: 'essential', label: 'All its essential points' },
            { value: 'weighted', label: 'A share per point, essential ones double' },
            { value: 'full', label: 'Every listed point' },
        ],
    },
    {
        path: ['returns'],
        rule: 'returns',
        question: 'How long does a place stay open?',
        usual: 'end',
        options: [
            { value: 'place', label: 'Until the student steps away' },
            { value: 'section', label: 'Until the section is left' },
            { value: 'end', label: 'Until the end of the walk' },
        ],
    },
    {
        path: ['axles'],
        rule: 'axles',
        question: 'How are axles asked?',
        usual: 'group',
        options: [
            { value: 'each', label: 'Each axle separately' },
            { value: 'group', label: 'A tandem once' },
            { value: 'all', label: 'Once for the whole vehicle' },
        ],
    },
    {
        path: ['sides'],
        rule: 'sides',
        question: 'What does one side of a two-sided part earn?',
        usual: 'one',
        options: [
            { value: 'one', label: 'The item' },
            { value: 'both', label: 'Half: both sides are needed' },
        ],
    },
    {
        path: ['order', 'sections'],
        rule: 'order',
        question: 'In what order do sections come?',
        usual: 'fixed',
        options: [
            { value: 'fixed', label: 'As listed' },
            { value: 'free', label: 'As the student likes' },
        ],
    },
    {
        path: ['order', 'items'],
        rule: 'order',
        question: 'And the parts within them?',
        usual: 'fixed',
        options: [
            { value: 'fixed', label: 'As listed' },
            { value: 'grouped', label: 'Any order, but a section together' },
            { value: 'free', label: 'As the student likes' },
        ],
    },
    {
        path: ['order', 'direction'],
        rule: 'order',
        question: 'In which direction at an axle?',
        usual: 'kept',
        options: [
            { value: 'inside-out', label: 'From the suspension out to the wheel' },
            { value: 'outside-in', label: 'From the wheel in' },
            { value: 'kept', label: 'Either, but kept to' },
        ],
    },
    {
        path: ['order', 'tandem'],
        rule: 'order',
        question: 'How is a tandem worked?',
        usual: 'kept',
        options: [
            { value: 'axle', label: 'One axle as a whole, then the other' },
            { value: 'part', label: 'Part by part over both axles' },
            { value: 'kept', label: 'Either, but kept to' },
        ],
    },
    {
        path: ['wrong'],
        rule: 'wrong',
        question: 'What does a wrong statement cost?',
        usual: 'point',
        options: [
            { value: 'point', label: 'The point' },
            { value: 'item', label: 'The whole item' },
        ],
    },
    {
        path: ['not_fitted'],
        rule: 'not_fitted',
        question: 'Parts that the vehicle does not have',
        usual: 'vehicle',
        options: [
            { value: 'vehicle', label: 'are not asked' },
            { value: 'spoken', label: 'are earned by saying "not equipped"' },
        ],
    },
    {
        path: ['defects', 'recited_over'],
        rule: 'defects',
        question: 'A part said to be OK over a known defect earns',
        usual: 'full',
        options: [
            { value: 'nothing', label: 'nothing' },
            { value: 'half', label: 'half' },
            { value: 'full', label: 'as if it were OK; it is told of' },
        ],
    },
    {
        path: ['defects', 'noticed'],
        rule: 'defects',
        question: 'Noticing a defect earns',
        usual: 'nothing',
        options: [
            { value: 'nothing', label: 'nothing beyond what was said' },
            { value: 'whole', label: 'the item whole' },
            { value: 'bonus', label: 'as much again as the item' },
        ],
    },
    {
        path: ['aid'],
        rule: 'aid',
        question: 'What may the student carry?',
        usual: 'none',
        options: [
            { value: 'none', label: 'Nothing' },
            { value: 'unmarked-list', label: 'An unmarked list' },
        ],
    },
    {
        path: ['lights', 'ask'],
        rule: 'lights',
        question: 'As what is the light check with a helper asked?',
        usual: 'one',
        options: [
            { value: 'one', label: 'One item' },
            { value: 'function', label: 'An item for each function' },
            { value: 'function-and-place', label: 'An item for each function at each place' },
        ],
    },
    {
        path: ['lights', 'order'],
        rule: 'lights',
        question: 'In what order, where each place is asked?',
        usual: 'function',
        options: [
            { value: 'function', label: 'One function around the vehicle, then the next' },
            { value: 'route', label: 'All of the front, then the sides, then the rear' },
        ],
    },
    {
        path: ['over_time'],
        rule: 'over_time',
        question: 'Taking longer than is allowed',
        usual: 'remark',
        options: [
            { value: 'remark', label: 'is remarked on' },
            { value: 'fails', label: 'fails the inspection' },
        ],
    },
];

export const brakeQuestions = (tests: RuleQuestion['options']): RuleQuestion[] => [
    {
        path: ['brake_tests', 'sequence'],
        rule: 'brake_tests',
        question: 'When do the brake tests come?',
        usual: 'any',
        options: [
            { value: 'before-walk', label: 'Before the walk' },
            { value: 'after-walk', label: 'After the walk' },
            { value: 'any', label: 'Any time' },
        ],
    },
    {
        path: ['brake_tests', 'tug'],
        rule: 'brake_tests',
        question: 'When do the tug tests come?',
        usual: 'any',
        options: [
            { value: 'before-leak', label: 'Before the leak test' },
            { value: 'after-leak', label: 'After the leak test' },
            { value: 'any', label: 'Either way' },
        ],
    },
    {
        path: ['brake_tests', 'weight'],
        rule: 'brake_tests',
        question: 'What does a wrong step of them do?',
        usual: 'counted',
        options: [
            { value: 'critical', label: 'It fails the inspection' },
            { value: 'section', label: 'It costs their section' },
            { value: 'counted', label: 'It costs points like the rest' },
        ],
    },
    {
        path: ['brake_tests', 'restart_from'],
        rule: 'brake_tests',
        question: 'From where are they restarted?',
        usual: '',
        options: [{ value: '', label: 'From the beginning' }, ...tests],
    },
];

export const numbers: RuleNumber[] = [
    { path: ['pass', 'overall_percent'], question: 'Share of the whole to pass', unit: '%', low: 1, high: 100 },
    { path: ['pass', 'section_percent'], question: 'Share of every section to pass', unit: '%', low: 1, high: 100 },
    { path: ['pass', 'misses_allowed'], question: 'Misses allowed', unit: 'items', low: 0, high: 1000 },
    {
        path: ['pass', 'section_misses_allowed'],
        question: 'Misses allowed in each section',
        unit: 'items',
        low: 0,
        high: 1000,
    },
    {
        path: ['pass', 'out_of_place_allowed'],
        question: 'Out-of-order items allowed',
        unit: 'items',
        low: 0,
        high: 1000,
    },
    {
        path: ['pass', 'sections_out_of_place_allowed'],
        question: 'Out-of-order sections allowed',
        unit: 'sections',
        low: 0,
        high: 100,
    },
    { path: ['time_allowed_seconds'], question: 'Time for the walk', unit: 'minutes', low: 1, high: 240, per: 60 },
    {
        path: ['brake_tests', 'restarts'],
        question: 'Brake test restarts',
        unit: 'times',
        low: 0,
        high: 2,
    },
];

type Branch = Record<string, unknown>;

export function readRule(document: ChecklistDocument, path: string[]): unknown {
    let at: unknown = document.rules;
    for (const key of path) at = (at as Branch | undefined)?.[key];
    return at;
}

/** Undefined takes the rule out, so that what is usual holds. */
export function writeRule(document: ChecklistDocument, path: string[], value: unknown): void {
    let at = document.rules as Branch;
    for (const key of path.slice(0, -1)) at = (at[key] ??= {}) as Branch;
    const last = path.at(-1) ?? '';
    if (value === undefined) Reflect.deleteProperty(at, last);
    else at[last] = value;
}
