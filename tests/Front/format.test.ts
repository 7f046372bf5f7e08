import { day, dayAndTime, daysFrom, schoolDay, useSchoolZone } from '@/shared/format';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';

describe('days and times', () => {
    beforeEach(() => useSchoolZone('America/New_York'));
    afterEach(() => useSchoolZone(undefined));

    // Nine in the evening at the school; by UTC it is tomorrow.
    const evening = new Date('2026-11-26T02:00:00Z');

    it('are those of the school', () => {
        expect([schoolDay(evening), day(evening.toISOString())]).toEqual(['2026-11-25', 'Nov 25']);
        expect(dayAndTime(evening.toISOString()).replace(/\s/g, ' ')).toBe('Nov 25, 2026, 9:00 PM');
    });

    it('without an hour are moved by no zone', () => {
        expect([day('2026-11-26'), daysFrom('2026-11-26', evening), daysFrom('2026-11-25', evening)]).toEqual([
            'Nov 26',
            'tomorrow',
            'today',
        ]);
    });
});
