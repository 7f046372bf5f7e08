import { describe, expect, it } from 'vitest';
import { changeInWords, faultInWords, faultsAt } from '@/features/library/checklist/placeWords';

describe('a change in words', () => {
    it.each([
        [
            ['rules › pass › overall percent', '80', '85'],
            ['Share of the whole to pass', '80 %', '85 %'],
        ],
        [
            ['units › 2 › axles › 1 › at ft', '34', '35'],
            ['unit 2 › axle 1 › at ft', '34', '35'],
        ],
        [
            ['rules › pass › misses allowed', '30', null],
            ['Misses allowed', '30 items', 'not asked'],
        ],
        [
            ['rules › time allowed seconds', null, '2700'],
            ['Time for the walk', 'not asked', '45 minutes'],
        ],
        [
            ['rules › credit', null, 'full'],
            ['When is an item earned?', 'All its essential points', 'Every listed point'],
        ],
        [
            ['figures › tread-steer › low', '4', '5'],
            ['tread-steer › at least', '4', '5'],
        ],
        [
            ['sections › In the cab › stops › Seat › asks', 'a', 'a, b'],
            ['In the cab › Seat › parts asked', 'a', 'a, b'],
        ],
        [
            ['name', 'Old', 'New'],
            ['name', 'Old', 'New'],
        ],
        [
            ['defects', null, '[{"component":"wheel.tyre","what":"cut in the rubber"}]'],
            ['defects', null, 'wheel.tyre cut in the rubber'],
        ],
        [
            ['defects', null, '[{"component":"wheel.ty'],
            ['defects', null, '[{"component":"wheel.ty'],
        ],
    ])('%j reads %j', ([where, before, after], said) => {
        const change = changeInWords({ where: where ?? '', before: before ?? null, after: after ?? null });
        expect([change.where, change.before, change.after]).toEqual(said);
    });
});

describe('a fault in words', () => {
    const document = {
        sections: [{ id: 'cab', name: 'In the cab', stops: [{ id: 'seat', name: 'Seat', asks: ['a', 'b'] }] }],
        figures: [{ id: 'tread' }],
        rules: { pass: { overall_percent: 300 } },
    };
    it.each([
        ['sections[0].stops[0].asks[1]', 'In the cab › Seat › parts asked › 2'],
        ['sections[0].stops[0].asks', 'In the cab › Seat › parts asked'],
        ['figures[0].low', 'tread › at least'],
        ['rules.pass.overall_percent', 'Share of the whole to pass'],
        ['nowhere[3].at', 'nowhere › 4 › at'],
        ['', ''],
    ])('%s is at %s', (path, place) => {
        expect(faultInWords({ path, message: 'is wrong' }, document)).toEqual({ path: place, message: 'is wrong' });
    });
    it('stands beside its own field only', () => {
        const faults = ['rules.pass.overall_percent', 'rules.pass.sections', 'rules.order.sections[1]', 'name'].map(
            (path) => ({ path, message: path }),
        );
        const at = (...path: string[]): string[] => faultsAt(faults, path).map(({ message }) => message);
        expect(at('pass', 'overall_percent')).toEqual(['rules.pass.overall_percent']);
        expect(at('order', 'sections')).toEqual(['rules.order.sections[1]']);
        expect(at('credit')).toEqual([]);
    });
});
