import type { VehicleDocument, VehicleWords } from '@/features/library/api';
import { coupleBy, equipmentOf, hitch, lengthen, ownBodies, unhitch } from '@/features/library/vehicle/vehicleEdits';
import { describe, expect, it } from 'vitest';

const kind = (value: string, loaded: boolean, hitches: string[] = []): VehicleWords['kinds'][number] =>
    ({
        value,
        label: value,
        powered: hitches.length === 0,
        loaded,
        bodies: loaded ? ['flatbed', 'van'] : ['none'],
        brakes: ['air', 'electric'],
        hitches,
        pulls: [],
    }) as unknown as VehicleWords['kinds'][number];

const words = {
    kinds: [
        kind('day-cab-tractor', false),
        kind('straight-truck', true),
        kind('semitrailer', true, ['fifth-wheel']),
        kind('dolly', false, ['pintle-hook']),
        kind('drawbar-trailer', true, ['pintle-hook', 'ball', 'gooseneck']),
    ],
    on_bodies: [{ value: 'liftgate', label: 'Liftgate' }],
} as unknown as VehicleWords;

const vehicle = (first: 'day-cab-tractor' | 'straight-truck', brakes: 'air' | 'hydraulic' = 'air'): VehicleDocument =>
    ({
        brakes,
        units: [{ kind: first, body: 'none', from_ft: 0, to_ft: 20, axles: [{ group: 'steer', at_ft: 4 }] }],
        doors: 'swing',
        equipment: ['air-horn', 'liftgate'],
    }) as unknown as VehicleDocument;

const kinds = (of: VehicleDocument): string[] => of.units.map((unit) => unit.kind);
/** Units one behind the other, each with its axles inside it. */
function isSound({ units }: VehicleDocument): boolean {
    return units.every(
        (unit, n) =>
            unit.to_ft > unit.from_ft &&
            unit.axles.every(({ at_ft }) => at_ft >= unit.from_ft && at_ft <= unit.to_ft) &&
            (n === 0 || (unit.from_ft > (units[n - 1]?.from_ft ?? 0) && unit.to_ft > (units[n - 1]?.to_ft ?? 0))),
    );
}

describe('hitching', () => {
    it('puts each unit behind the one before it', () => {
        const made = vehicle('day-cab-tractor');
        hitch(made, words.kinds, ['semitrailer']);
        hitch(made, words.kinds, ['dolly', 'semitrailer']);
        expect(kinds(made)).toEqual(['day-cab-tractor', 'semitrailer', 'dolly', 'semitrailer']);
        expect(made.units.map(({ from_ft, to_ft }) => [from_ft, to_ft])).toEqual([
            [0, 20],
            [14, 54],
            [55, 63],
            [58, 98],
        ]);
        expect(isSound(made)).toBe(true);
    });

    it('gives a trailer brakes that its truck can work', () => {
        const made = vehicle('straight-truck', 'hydraulic');
        hitch(made, words.kinds, ['drawbar-trailer']);
        expect(made.units[1]?.brakes).toBe('electric');
    });

    it.each([
        [1, ['day-cab-tractor', 'semitrailer']],
        [2, ['day-cab-tractor', 'semitrailer']],
        [3, ['day-cab-tractor', 'semitrailer']],
    ])('takes unit %i away with its dolly', (index, left) => {
        const made = vehicle('day-cab-tractor');
        hitch(made, words.kinds, ['semitrailer', 'dolly', 'semitrailer']);
        unhitch(made, index);
        expect(kinds(made)).toEqual(left);
        expect(made.units[1]?.from_ft).toBe(14);
        expect(isSound(made)).toBe(true);
    });

    it.each(['first', 'second', 'third'])('stays sound however it is lengthened: %s unit', (which) => {
        const index = ['first', 'second', 'third'].indexOf(which);
        const made = vehicle('day-cab-tractor');
        hitch(made, words.kinds, ['semitrailer', 'dolly', 'semitrailer']);
        const before = structuredClone(made);
        lengthen(made, index, (before.units[index]?.to_ft ?? 0) + 7);
        expect(isSound(made)).toBe(true);
        expect(made.units.at(-1)?.to_ft).toBe((before.units.at(-1)?.to_ft ?? 0) + 7);
    });

    it('lays a gooseneck over the bed of its truck', () => {
        const made = vehicle('straight-truck');
        hitch(made, words.kinds, ['drawbar-trailer']);
        coupleBy(made, 1, 'gooseneck');
        expect([made.units[1]?.from_ft, made.units[1]?.hitch]).toEqual([13, 'gooseneck']);
    });
});

describe('what is on a body', () => {
    it('is that of all bodies until one has its own', () => {
        const made = vehicle('straight-truck');
        hitch(made, words.kinds, ['drawbar-trailer']);
        const units = (): VehicleDocument['units'] => made.units;
        expect(units().map((unit) => equipmentOf(made, unit, words))).toEqual([['liftgate'], ['liftgate']]);
        ownBodies(made, words);
        expect(made.doors).toBe('none');
        expect(made.equipment).toEqual(['air-horn']);
        expect(units().map(({ doors, equipment }) => [doors, equipment])).toEqual([
            ['swing', ['liftgate']],
            ['swing', ['liftgate']],
        ]);
    });
});
