import type { VehicleDocument, VehicleWords } from '../api';

type Unit = VehicleDocument['units'][number];
type Kind = Unit['kind'];
type Equipment = NonNullable<VehicleDocument['equipment']>[number];

/** Feet: usual lengths of what is hitched on; the drawing shows at once where they are wrong. */
const LENGTH: Record<Kind, number> = {
    'day-cab-tractor': 20,
    'sleeper-tractor': 25,
    'straight-truck': 26,
    bus: 40,
    semitrailer: 40,
    'drawbar-trailer': 24,
    dolly: 8,
};
/** How far the front of a semitrailer lies over what carries it, and a gooseneck over the bed of its truck. */
const OVER = { fifthWheel: 6, onDolly: 5, gooseneck: 7 };
/** Between a truck and what it pulls by a drawbar. */
const GAP = 1;
const AXLE_PITCH = 4.2;

/** Where a unit begins that is coupled behind another, in feet behind the front bumper. */
function frontBehind(front: Unit, unit: { kind: Kind; hitch?: Unit['hitch'] | undefined }): number {
    if (unit.kind === 'semitrailer') return front.to_ft - (front.kind === 'dolly' ? OVER.onDolly : OVER.fifthWheel);
    return unit.hitch === 'gooseneck' ? front.to_ft - OVER.gooseneck : front.to_ft + GAP;
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
export function hitch(vehicle: VehicleDocument, kinds: VehicleWords['kinds'], adds: Kind[]): void {
    for (const kind of adds) {
        const front = vehicle.units.at(-1);
        const known = kinds.find(({ value }) => value === kind);
        if (front === undefined || known === undefined) return;
        const from = frontBehind(front, { kind, hitch: known.hitches[0] });
        const to = from + LENGTH[kind];
        const axle = {
            group: 'trailer',
            suspension: 'spring',
            brakes: 'drum',
            wheels: 'dual',
            hub: 'hub-seal',
        } as const;
        const last = kind === 'drawbar-trailer' ? from + LENGTH[kind] * 0.75 : to - (kind === 'dolly' ? 2 : 6);
        const isAir = (vehicle.brakes ?? 'air') !== 'hydraulic';
        vehicle.units.push({
            kind,
            body: known.bodies.includes('van') && kind === 'semitrailer' ? 'van' : (known.bodies.at(-1) ?? 'none'),
            ...(kind === 'drawbar-trailer' ? { body: 'flatbed' as const } : {}),
            from_ft: round(from),
            to_ft: round(to),
            ...(known.hitches.length > 1 && known.hitches[0] !== undefined ? { hitch: known.hitches[0] } : {}),
            ...(isAir || !known.brakes.includes('electric') ? {} : { brakes: 'electric' as const }),
            axles: (kind === 'dolly' ? [last] : [last - AXLE_PITCH, last]).map((at) => ({
                ...axle,
                at_ft: round(at),
            })),
        });
    }
}

/**
 * Takes a unit away, with the dolly that carries it or that it pulls; what was behind it is coupled to what was in
 * front.
 */
export function unhitch(vehicle: VehicleDocument, index: number): void {
    const { units } = vehicle;
    const isDolly = (at: number): boolean => units[at]?.kind === 'dolly';
    let from = index;
    let count = 1;
    if (isDolly(index)) count = 2;
    else if (isDolly(index - 1)) [from, count] = [index - 1, 2];
    else if (isDolly(index + 1)) count = 2;
    units.splice(from, count);
    const [front, next] = [units[from - 1], units[from]];
    if (front !== undefined && next !== undefined) shift(units.slice(from), frontBehind(front, next) - next.from_ft);
}

/** Another rear end: what is coupled behind it moves along. */
export function lengthen(vehicle: VehicleDocument, index: number, to: number): void {
    const unit = vehicle.units[index];
    if (unit === undefined) return;
    shift(vehicle.units.slice(index + 1), to - unit.to_ft);
    unit.to_ft = to;
}

/** Another hitch moves the unit, and all behind it, to where it couples. */
export function coupleBy(vehicle: VehicleDocument, index: number, by: NonNullable<Unit['hitch']>): void {
    const [front, unit] = [vehicle.units[index - 1], vehicle.units[index]];
    if (front === undefined || unit === undefined) return;
    unit.hitch = by;
    shift(vehicle.units.slice(index), frontBehind(front, unit) - unit.from_ft);
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
