import type { VehicleDocument, VehicleWords } from '@/features/library/api';
import { coupleBy, equipmentOf, hitch, lengthen, ownBodies, unhitch } from '@/features/library/vehicle/vehicleEdits';
import { describe, expect, it } from 'vitest';

type Units = VehicleDocument['units'];

const kind = (value: string, loaded: boolean, hitches: string[] = []): unknown => ({ value, loaded, hitches });

const words = {
    kinds: [
        kind('day-cab-tractor', false),
        kind('straight-truck', true),
        kind('semitrailer', true, ['fifth-wheel']),
        kind('dolly', false, ['pintle-hook']),
        kind('drawbar-trailer', true, ['pintle-hook', 'ball', 'gooseneck']),
    ],
    hitches: [
        { value: 'fifth-wheel', over_ft: 6 },
        { value: 'pintle-hook', over_ft: -1 },
        { value: 'gooseneck', over_ft: 7 },
    ],
    on_bodies: [{ value: 'liftgate', label: 'Liftgate' }],
} as unknown as VehicleWords;

/** Units as the server gives them, with their front ends at 0. */
const units = (...named: ('semitrailer' | 'dolly' | 'drawbar-trailer')[]): Units =>
    named.map((name) => {
        const feet = { semitrailer: 40, dolly: 8, 'drawbar-trailer': 24 }[name];
        return { kind: name, body: 'van', from_ft: 0, to_ft: feet, axles: [{ group: 'trailer', at_ft: feet - 2 }] };
    }) as unknown as Units;

const vehicle = (first: 'day-cab-tractor' | 'straight-truck'): VehicleDocument =>
    ({
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
        hitch(made, units('semitrailer'), words);
        hitch(made, units('dolly', 'semitrailer'), words);
        expect(kinds(made)).toEqual(['day-cab-tractor', 'semitrailer', 'dolly', 'semitrailer']);
        expect(made.units.map(({ from_ft, to_ft }) => [from_ft, to_ft])).toEqual([
            [0, 20],
            [14, 54],
            [55, 63],
            [57, 97],
        ]);
        expect(isSound(made)).toBe(true);
    });

    it.each([
        [1, ['day-cab-tractor', 'semitrailer']],
        [2, ['day-cab-tractor', 'semitrailer']],
        [3, ['day-cab-tractor', 'semitrailer']],
    ])('takes unit %i away with its dolly', (index, left) => {
        const made = vehicle('day-cab-tractor');
        hitch(made, units('semitrailer', 'dolly', 'semitrailer'), words);
        unhitch(made, index, words);
        expect(kinds(made)).toEqual(left);
        expect(made.units[1]?.from_ft).toBe(14);
        expect(isSound(made)).toBe(true);
    });

    it.each(['first', 'second', 'third'])('stays sound however it is lengthened: %s unit', (which) => {
        const index = ['first', 'second', 'third'].indexOf(which);
        const made = vehicle('day-cab-tractor');
        hitch(made, units('semitrailer', 'dolly', 'semitrailer'), words);
        const before = structuredClone(made);
        lengthen(made, index, (before.units[index]?.to_ft ?? 0) + 7);
        expect(isSound(made)).toBe(true);
        expect(made.units.at(-1)?.to_ft).toBe((before.units.at(-1)?.to_ft ?? 0) + 7);
    });

    it('lays a gooseneck over the bed of its truck', () => {
        const made = vehicle('straight-truck');
        hitch(made, units('drawbar-trailer'), words);
        coupleBy(made, 1, 'gooseneck', words);
        expect([made.units[1]?.from_ft, made.units[1]?.hitch]).toEqual([13, 'gooseneck']);
    });
});

describe('what is on a body', () => {
    it('is that of all bodies until one has its own', () => {
        const made = vehicle('straight-truck');
        hitch(made, units('drawbar-trailer'), words);
        const own = (): Units => made.units;
        expect(own().map((unit) => equipmentOf(made, unit, words))).toEqual([['liftgate'], ['liftgate']]);
        ownBodies(made, words);
        expect(made.doors).toBe('none');
        expect(made.equipment).toEqual(['air-horn']);
        expect(own().map(({ doors, equipment }) => [doors, equipment])).toEqual([
            ['swing', ['liftgate']],
            ['swing', ['liftgate']],
        ]);
    });
});
