import type { Schemas } from '@/shared/api/client';

type Inspection = Schemas['InspectionResource'];
type Place = Schemas['PlaceResource'];

export interface Stand {
    place: string;
    /** Where the student stands. */
    x: number;
    y: number;
    /** Where on the vehicle the place is. */
    toX: number;
    toY: number;
}

export interface Brace {
    name: string;
    from: number;
    to: number;
    /** Line of the brace, and of its words on the side away from the vehicle. */
    y: number;
    textY: number;
}

export interface PlanLayout {
    width: number;
    height: number;
    /** Pixels per foot along the vehicle; across it the plan is not to scale. */
    scale: number;
    /** Left and right side of the vehicle; it points to the left. */
    top: number;
    bottom: number;
    stands: Stand[];
    /** Runs of neighbouring stands of one section, with its short name. */
    braces: Brace[];
    xOf: (feet: number) => number;
}

/** A stand is a touch target: 48 px and a gap to the next. */
export const STAND = 48;
const PITCH = STAND + 4;
const LEAD = 12;
const BRACE = 22;
/** A phone gives the room to the items; the plan is a strip there. */
const NARROW = 600;
const MARGIN_FEET = 3;

/**
 * Places whose stand lies above the drawing; the others, the front, the left side and the axles, lie below. Shared out
 * so that the longest combination needs no more room than a tablet held upright has.
 */
const above = new Set<Place['zone']>([
    'cab',
    'brakes',
    'engine-right',
    'rear-cab',
    'coupling',
    'rear-tractor',
    'trailer-front',
    'trailer-side',
    'trailer-axle',
    'trailer-rear',
]);

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

export function layoutPlan(inspection: Inspection, available: number): PlanLayout {
    const feet = inspection.length_ft + 2 * MARGIN_FEET;
    const lanes = { above: [] as Place[], below: [] as Place[] };
    for (const place of inspection.places) lanes[above.has(place.zone) ? 'above' : 'below'].push(place);
    const needed = Math.max(lanes.above.length, lanes.below.length) * PITCH + PITCH;
    const width = Math.max(available, needed, feet * 12);
    const scale = width / feet;
    const xOf = (at: number): number => (at + MARGIN_FEET) * scale;
    const body = available < NARROW ? 34 : 66;
    const top = BRACE + STAND + LEAD;
    const bottom = top + body;
    const wish = wishes(inspection);
    const lane = (places: Place[], y: number, edge: number): Stand[] => {
        const sorted = places.map((place) => ({ place, x: xOf(wish(place)) })).sort((a, b) => a.x - b.x);
        const xs = spread(
            sorted.map(({ x }) => x),
            STAND / 2 + 2,
            width - STAND / 2 - 2,
        );
        return sorted.map(({ place, x }, index) => ({ place: place.id, x: xs[index] ?? x, y, toX: x, toY: edge }));
    };
    const height = bottom + LEAD + STAND + BRACE;
    const upper = lane(lanes.above, BRACE + STAND / 2, top + 6);
    const lower = lane(lanes.below, bottom + LEAD + STAND / 2, bottom - 6);
    return {
        width,
        height,
        scale,
        top,
        bottom,
        xOf,
        stands: [...upper, ...lower],
        braces: [
            ...braces(inspection, upper, BRACE - 4, BRACE - 9),
            ...braces(inspection, lower, height - BRACE + 4, height - 5),
        ],
    };
}

function braces(inspection: Inspection, stands: Stand[], y: number, textY: number): Brace[] {
    const sectionOf = new Map(inspection.places.map((place) => [place.id, place.section]));
    const shortOf = new Map(inspection.sections.map((section) => [section.id, section.short]));
    const runs: (Brace & { section: string | undefined })[] = [];
    for (const { place, x } of stands) {
        const section = sectionOf.get(place);
        const last = runs.at(-1);
        if (last !== undefined && last.section === section && x - last.to < 1.5 * PITCH) last.to = x + STAND / 2 - 3;
        else
            runs.push({
                section,
                name: shortOf.get(section ?? '') ?? '',
                from: x - STAND / 2 + 3,
                to: x + STAND / 2 - 3,
                y,
                textY,
            });
    }
    return runs;
}

/** Feet behind the front bumper at which a place would like its stand. */
function wishes(inspection: Inspection): (place: Place) => number {
    const axleAt = new Map(inspection.units.flatMap((unit) => unit.axles.map((axle) => [axle.id, axle.at_ft])));
    const power = inspection.units[0];
    const last = inspection.units[inspection.units.length - 1];
    const powerEnd = power?.to_ft ?? 0;
    const trailerFrom = last === undefined || last === power ? powerEnd * 0.45 : last.from_ft;
    const end = inspection.length_ft;
    const cab = Math.min(9, powerEnd * 0.35);
    return (place) => {
        const axles = place.axles.map((id) => axleAt.get(id) ?? 0);
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
                return powerEnd - 4;
            case 'rear-tractor':
                return powerEnd;
            case 'trailer-front':
                return trailerFrom + 3;
            case 'trailer-side':
                return (Math.max(trailerFrom, powerEnd === end ? trailerFrom : powerEnd) + end) / 2 - 3;
            case 'trailer-axle':
                return end - 4;
            case 'trailer-rear':
                return end + 2;
        }
    };
}
