import type { ChecklistDocument } from '@/features/library/api';
import { readRule, writeRule } from '@/features/library/checklist/ruleQuestions';
import { strokePath } from '@/features/result/strokePath';
import { day, daysFrom, minutes, percent } from '@/shared/format';
import { describe, expect, it } from 'vitest';

describe('figures in words', () => {
    it.each([
        [0, '0:00'],
        [59_999, '0:59'],
        [60_000, '1:00'],
        [3_725_000, '62:05'],
    ])('%i ms is %s', (ms, words) => {
        expect(minutes(ms)).toBe(words);
    });

    it.each([
        [0, '0.0%'],
        [749, '74.9%'],
        [1000, '100.0%'],
    ])('%i permille is %s', (permille, words) => {
        expect(percent(permille)).toBe(words);
    });

    const noon = new Date(2026, 10, 25, 12);
    it.each([
        [0, 'today'],
        [-1, 'yesterday'],
        [1, 'tomorrow'],
        [6, 'in 6 days'],
        [-22, '22 days ago'],
    ])('%i days from now is %s', (days, words) => {
        for (const hour of [0, 9, 23])
            expect(daysFrom(new Date(2026, 10, 25 + days, hour).toISOString(), noon)).toBe(words);
    });

    it('a day has its number and its month', () => {
        expect(day('2026-11-04T12:00:00')).toBe('Nov 4');
    });
});

describe('a signature', () => {
    it.each([
        ['one stroke', [[0, 0, 10, 20]], 'M0 0L10 20'],
        [
            'two strokes',
            [
                [0, 0, 1, 1],
                [5, 5, 6, 6],
            ],
            'M0 0L1 1M5 5L6 6',
        ],
        ['half a point at the end', [[0, 0, 1]], 'M0 0'],
        ['nothing', [], ''],
    ])('%s', (_, strokes, path) => {
        expect(strokePath(strokes)).toBe(path);
    });
});

describe('a rule of a checklist', () => {
    const document = (rules: object): ChecklistDocument => ({ rules }) as unknown as ChecklistDocument;

    it.each([
        ['at the top', { credit: 'full' }, ['credit'], 'full'],
        ['inside', { pass: { overall_percent: 80 } }, ['pass', 'overall_percent'], 80],
        ['that is not set', {}, ['pass', 'overall_percent'], undefined],
    ])('%s is read', (_, rules, path, value) => {
        expect(readRule(document(rules), path)).toEqual(value);
    });

    it('is written where there was none, and taken out again', () => {
        const made = document({});
        writeRule(made, ['pass', 'overall_percent'], 75);
        expect(made.rules).toEqual({ pass: { overall_percent: 75 } });
        writeRule(made, ['pass', 'overall_percent'], undefined);
        expect(made.rules).toEqual({ pass: {} });
    });
});
