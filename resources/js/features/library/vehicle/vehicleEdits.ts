import type { VehicleDocument, VehicleWords } from '../api';

type Unit = VehicleDocument['units'][number];
type Equipment = NonNullable<VehicleDocument['equipment']>[number];

/** Where a unit begins that is coupled behind another, in feet behind the front bumper. */
function frontBehind(front: Unit, unit: Unit, words: VehicleWords): number {
    const by = unit.hitch ?? words.kinds.find(({ value }) => value === unit.kind)?.hitches[0];
    return front.to_ft - (words.hitches.find(({ value }) => value === by)?.over_ft ?? 0);
}

function shift(units: Unit[], feet: number): void {
    for (const unit of units) {
        unit.from_ft = round(unit.from_ft + feet);
        unit.to_ft = round(unit.to_ft + feet);
        for (const axle of unit.axles) axle.at_ft = round(axle.at_ft + feet);
    }
}

const round = (feet: number): number => Math.round(feet * 10) / 10;

/** Adds units at the end, each behind the one before it. */
export function hitch(vehicle: VehicleDocument, units: Unit[], words: VehicleWords): void {
    for (const unit of structuredClone(units)) {
        const front = vehicle.units.at(-1);
        if (front !== undefined) shift([unit], frontBehind(front, unit, words));
        vehicle.units.push(unit);
    }
}

/**
 * Takes a unit away, with the dolly that carries it or that it pulls; what was behind it is coupled to what was in
 * front.
 */
export function unhitch(vehicle: VehicleDocument, index: number, words: VehicleWords): void {
    const { units } = vehicle;
    const isDolly = (at: number): boolean => units[at]?.kind === 'dolly';
    let from = index;
    let count = 1;
    if (isDolly(index)) count = 2;
    else if (isDolly(index - 1)) [from, count] = [index - 1, 2];
    else if (isDolly(index + 1)) count = 2;
    units.splice(from, count);
    const [front, next] = [units[from - 1], units[from]];
    if (front !== undefined && next !== undefined) {
        shift(units.slice(from), frontBehind(front, next, words) - next.from_ft);
    }
}

/** Another rear end: what is coupled behind it moves along. */
export function lengthen(vehicle: VehicleDocument, index: number, to: number): void {
    const unit = vehicle.units[index];
    if (unit === undefined) return;
    shift(vehicle.units.slice(index + 1), to - unit.to_ft);
    unit.to_ft = to;
}

/** Another hitch moves the unit, and all behind it, to where it couples. */
export function coupleBy(
    vehicle: VehicleDocument,
    index: number,
    by: NonNullable<Unit['hitch']>,
    words: VehicleWords,
): void {
    const [front, unit] = [vehicle.units[index - 1], vehicle.units[index]];
    if (front === undefined || unit === undefined) return;
    unit.hitch = by;
    shift(vehicle.units.slice(index), frontBehind(front, unit, words) - unit.from_ft);
}

const isOnBody = (words: VehicleWords, one: Equipment): boolean =>
    words.on_bodies.some(({ value }) => value === (one as string));

/** What a unit has on its body: its own, or what the vehicle is said to have on all of them. */
export const equipmentOf = (vehicle: VehicleDocument, unit: Unit, words: VehicleWords): Equipment[] =>
    unit.equipment ?? (vehicle.equipment ?? []).filter((one) => isOnBody(words, one));

export const doorsOf = (vehicle: VehicleDocument, unit: Unit): VehicleDocument['doors'] => unit.doors ?? vehicle.doors;

/** Gives every body what the vehicle was said to have on all of them, so that one can be changed by itself. */
export function ownBodies(vehicle: VehicleDocument, words: VehicleWords): void {
    for (const unit of vehicle.units) {
        if (words.kinds.find(({ value }) => value === unit.kind)?.loaded !== true) continue;
        unit.doors = doorsOf(vehicle, unit);
        unit.equipment = equipmentOf(vehicle, unit, words);
    }
    vehicle.doors = 'none';
    vehicle.equipment = (vehicle.equipment ?? []).filter((one) => !isOnBody(words, one));
}
