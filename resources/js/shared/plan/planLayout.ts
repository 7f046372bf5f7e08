import type { Schemas } from '@/shared/api/client';
import { walkLine, type WalkLine } from './walkLine';

type Inspection = Schemas['InspectionResource'];
type Place = Schemas['PlaceResource'];

export interface PlanStop {
    place: string;
    name: string;
    x: number;
    y: number;
    /** Which side of the vehicle it lies on: far is the right side, drawn above; the line turns at the ends. */
    lane: 'far' | 'near' | 'nose' | 'rear';
    /** How far along the line it lies, in pixels. */
    along: number;
}

export interface PlanLabel {
    name: string;
    x: number;
    y: number;
}

export interface PlanLayout {
    width: number;
    height: number;
    /** Pixels per foot along the vehicle; across it the plan is not to scale. */
    scale: number;
    /** Right and left side of the vehicle; it points to the left. */
    top: number;
    bottom: number;
    /** In walking order. */
    stops: PlanStop[];
    line: WalkLine;
    /** The short name of each section beside its stops. */
    sections: PlanLabel[];
    /** Whether there is room for the name of every stop. */
    isRoomy: boolean;
    xOf: (feet: number) => number;
}

/** A stop is a touch target: 48 px and a gap to the next. */
export const STOP = 48;
const PITCH = STOP + 4;
/** A name of two short lines needs so much. */
const ROOMY_PITCH = 86;
const GAP = 10;
const SECTION_ROW = 22;
const NAME_ROW = 28;
/** A phone gives the room to the items; the plan is a strip there. */
export const NARROW = 600;
const MARGIN_FEET = 1;

const inCab = (place: Place): boolean => place.zone === 'cab' || place.zone === 'brakes';

/** Moves the wished positions apart to at least `PITCH`, each group staying around the middle of its wishes. */
export function spread(wishes: number[], low: number, high: number): number[] {
    const groups: { sum: number; count: number }[] = [];
    wishes.forEach((wish, index) => {
        groups.push({ sum: wish - index * PITCH, count: 1 });
        for (;;) {
            const last = groups[groups.length - 1];
            const before = groups[groups.length - 2];
            if (last === undefined || before === undefined || before.sum / before.count < last.sum / last.count) break;
            groups.splice(-2, 2, { sum: before.sum + last.sum, count: before.count + last.count });
        }
    });
    const most = high - (wishes.length - 1) * PITCH;
    const free = groups.flatMap(({ sum, count }) => Array<number>(count).fill(sum / count));
    return free.map((start, index) => Math.max(low, Math.min(most, start)) + index * PITCH);
}

/**
 * The walk as one line around the vehicle, its stops on it in walking order: what is said in the cab lies above it, the
 * line turns at the nose, follows the near side to the rear, and turns there for what is left of the cab.
 */
export function layoutPlan(inspection: Inspection, available: number): PlanLayout {
    const places = [...inspection.places];
    const firstOutside = places.findIndex((place) => !inCab(place));
    const before = places.splice(0, firstOutside === -1 ? places.length : firstOutside);
    const after: Place[] = [];
    while (places.length > 0 && inCab(places[places.length - 1] as Place)) after.unshift(places.pop() as Place);
    const nose = places[0]?.zone === 'front' ? places.shift() : undefined;
    const rear = places.at(-1)?.zone === 'trailer-rear' ? places.pop() : undefined;
    const isNarrow = available < NARROW;
    const body = isNarrow ? 34 : 66;
    const radius = body / 2 + GAP + STOP / 2;
    const edge = radius + STOP / 2 + 2;
    const far = before.length + after.length;
    const needed = Math.max(places.length, far) * PITCH + 2 * edge;
    const feet = inspection.length_ft + 2 * MARGIN_FEET;
    const width = Math.max(available, needed, feet * 12);
    const isRoomy = !isNarrow && (width - 2 * edge) / Math.max(1, places.length) >= ROOMY_PITCH;
    const names = isRoomy ? NAME_ROW : 0;
    const yFar = SECTION_ROW + names + STOP / 2;
    const yNear = yFar + 2 * radius;
    const [left, right] = [STOP + GAP, width - STOP - GAP];
    const scale = (right - left) / feet;
    const xOf = (at: number): number => left + (at + MARGIN_FEET) * scale;
    const wish = wishes(inspection);
    const low = edge;
    const high = width - edge;
    const near = spread(
        places.map((place) => xOf(wish(place))),
        low,
        high,
    );
    // From left to right the far lane is walked backwards.
    const farLeft = [...[...before].reverse(), ...[...after].reverse()];
    const farX = spread(
        farLeft.map((place) => xOf(wish(place))),
        low,
        high,
    );
    const endOf = (): Parameters<typeof walkLine>[0]['ends'] => {
        if (after.length > 0) return { lane: 'far', x: farX[before.length] ?? high };
        if (rear !== undefined) return { lane: 'rear', x: width - edge + radius };
        if (places.length === 0 && nose === undefined) return { lane: 'far', x: farX[0] ?? low };
        return { lane: 'near', x: near.at(-1) ?? low };
    };
    const line = walkLine({
        starts:
            before.length > 0
                ? { lane: 'far', x: farX[before.length - 1] ?? low }
                : { lane: 'near', x: near[0] ?? low },
        ends: endOf(),
        turnsNose: before.length > 0 || nose !== undefined,
        low,
        high,
        yFar,
        yNear,
    });
    const stop = (place: Place, lane: PlanStop['lane'], x: number, y: number): PlanStop => ({
        place: place.id,
        name: place.name,
        lane,
        x,
        y,
        along: line.along(lane, x),
    });
    const farStop = (place: Place): PlanStop => stop(place, 'far', farX[farLeft.indexOf(place)] ?? low, yFar);
    const mid = (yFar + yNear) / 2;
    const stops = [
        ...before.map(farStop),
        ...(nose === undefined ? [] : [stop(nose, 'nose', edge - radius, mid)]),
        ...places.map((place, index) => stop(place, 'near', near[index] ?? low, yNear)),
        ...(rear === undefined ? [] : [stop(rear, 'rear', width - edge + radius, mid)]),
        ...after.map(farStop),
    ];
    return {
        width,
        height: yNear + STOP / 2 + names + SECTION_ROW,
        scale,
        top: yFar + STOP / 2 + GAP,
        bottom: yNear - STOP / 2 - GAP,
        stops,
        line,
        sections: sectionLabels(inspection, stops, names),
        isRoomy,
        xOf,
    };
}

/** One name for each run of neighboring stops of a section, on the side away from the vehicle. */
function sectionLabels(inspection: Inspection, stops: PlanStop[], names: number): PlanLabel[] {
    const sectionOf = new Map(inspection.places.map((place) => [place.id, place.section]));
    const shortOf = new Map(inspection.sections.map((section) => [section.id, section.short]));
    const runs: { section: string | undefined; stops: PlanStop[] }[] = [];
    for (const stop of stops) {
        const section = sectionOf.get(stop.place);
        const last = runs.at(-1);
        if (last !== undefined && last.section === section && last.stops[0]?.lane === stop.lane) last.stops.push(stop);
        else runs.push({ section, stops: [stop] });
    }
    return runs.map(({ section, stops: run }) => {
        const first = run[0] as PlanStop;
        const x = run.reduce((sum, stop) => sum + stop.x, 0) / run.length;
        const isAbove = first.lane === 'far';
        const isEnd = first.lane === 'nose' || first.lane === 'rear';
        const away = STOP / 2 + (isEnd ? 0 : names);
        return { name: shortOf.get(section ?? '') ?? '', x, y: isAbove ? first.y - away - 7 : first.y + away + 17 };
    });
}

/** Feet behind the front bumper at which a place would like its stop. */
function wishes(inspection: Inspection): (place: Place) => number {
    const axleAt = new Map(inspection.units.flatMap((unit) => unit.axles.map((axle) => [axle.id, axle.at_ft])));
    const power = inspection.units[0];
    const last = inspection.units[inspection.units.length - 1];
    const powerEnd = power?.to_ft ?? 0;
    const cab = Math.min(9, powerEnd * 0.35);
    return (place) => {
        const axles = place.axles.map((id) => axleAt.get(id) ?? 0);
        const unit = inspection.units.find(({ id }) => id === place.unit) ?? last;
        const isPower = unit === undefined || unit === power;
        const from = isPower ? (inspection.units.length > 1 ? cab + 3 : powerEnd * 0.45) : unit.from_ft;
        const end = unit?.to_ft ?? powerEnd;
        switch (place.zone) {
            case 'front':
                return -2;
            case 'engine-right':
            case 'engine-left':
                return 2;
            case 'cab':
            case 'brakes':
                return cab;
            case 'axle':
                return axles.reduce((sum, at) => sum + at, 0) / Math.max(1, axles.length);
            case 'side':
                return cab + 2;
            case 'rear-cab':
                return cab + 4.5;
            case 'coupling':
                return place.unit === null ? powerEnd - 4 : from;
            case 'rear-tractor':
                return powerEnd;
            case 'trailer-front':
                return from + 3;
            case 'trailer-side':
                return ((isPower ? from : Math.max(from, Math.min(powerEnd, end))) + end) / 2 - 3;
            case 'trailer-axle':
                return end - 4;
            case 'trailer-rear':
                return end + 2;
        }
    };
}
