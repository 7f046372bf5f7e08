import type { Schemas } from '@/shared/api/client';
import type { PlanLayout } from './planLayout';
import { CAB_FROM, cabEnd } from './planShapes';

type Unit = Schemas['UnitResource'];
type Place = Schemas['PlaceResource'];

/** Parts of the vehicle that the drawing fills as they are heard. */
export type Part = 'hood' | 'cab' | 'steer' | 'drive' | 'trailer' | 'coupling' | 'body' | 'rear';

/** A part by its name or, where each unit is asked, by that and its unit: "body:second-trailer". */
const key = (part: Part, unit: string | null): string => (unit === null ? part : `${part}:${unit}`);

/** The part that the wheels of an axle are. */
export const axlePart = (group: Part & ('steer' | 'drive' | 'trailer'), unit: string, byUnit: boolean): string =>
    key(group, byUnit && group === 'trailer' ? unit : null);

export function partOf(place: Place): string {
    switch (place.zone) {
        case 'front':
        case 'engine-right':
        case 'engine-left':
            return 'hood';
        case 'cab':
        case 'brakes':
        case 'side':
            return 'cab';
        case 'axle':
            return key((place.group ?? 'drive') as Part, place.unit);
        case 'rear-cab':
        case 'rear-tractor':
            return 'coupling';
        case 'coupling':
            return key('coupling', place.unit);
        case 'trailer-front':
        case 'trailer-side':
            return key('body', place.unit);
        case 'trailer-axle':
            return key('trailer', place.unit);
        case 'trailer-rear':
            return key('rear', place.unit);
    }
}

/** How much of each part is heard, from 0 to 1. */
export function partShares(
    places: Place[],
    tallies: ReadonlyMap<string, { asked: number; said: number }>,
): Map<string, number> {
    const sums = new Map<string, { asked: number; said: number }>();
    for (const place of places) {
        const { asked, said } = tallies.get(place.id) ?? { asked: 0, said: 0 };
        const sum = sums.get(partOf(place)) ?? { asked: 0, said: 0 };
        sums.set(partOf(place), { asked: sum.asked + asked, said: sum.said + said });
    }
    return new Map([...sums].map(([part, { asked, said }]) => [part, asked === 0 ? 0 : said / asked]));
}

export interface PartShape {
    part: string;
    d: string;
}

/** What is filled of the vehicle for each part, as paths of SVG; the wheels belong to their axles. */
export function partShapes(units: Unit[], layout: PlanLayout, byUnit: boolean): PartShape[] {
    const mid = (layout.top + layout.bottom) / 2;
    const half = (layout.bottom - layout.top) / 2;
    const box = (from: number, to: number, reach: number): string => {
        const [x1, x2] = [layout.xOf(from), layout.xOf(to)];
        return `M${x1} ${mid - reach}H${x2}V${mid + reach}H${x1}z`;
    };
    return units.flatMap((unit, index): PartShape[] => {
        const own = (part: Part): string => key(part, byUnit ? unit.id : null);
        const rear: PartShape = { part: own('rear'), d: box(unit.to_ft - 1.2, unit.to_ft, half) };
        const body = (from: number, reach = half): PartShape => ({
            part: own('body'),
            d: box(from, unit.to_ft - 1.2, reach),
        });
        if (unit.kind === 'semitrailer' || unit.kind === 'drawbar-trailer' || unit.kind === 'dolly') {
            const start = unit.kind === 'semitrailer' ? unit.from_ft : unit.from_ft + (unit.to_ft - unit.from_ft) * 0.2;
            const coupled = byUnit
                ? [{ part: own('coupling'), d: box(unit.from_ft, unit.from_ft + 3, half * 0.3) }]
                : [];
            if (unit.kind === 'dolly') return [body(start, half * 0.4), ...coupled];
            return [body(start, unit.body === 'container-chassis' ? half * 0.34 : half), rear, ...coupled];
        }
        if (unit.kind === 'bus') {
            return [
                { part: 'hood', d: box(unit.from_ft, unit.from_ft + 2, half) },
                { part: 'cab', d: box(unit.from_ft + 2, unit.from_ft + 8, half) },
                body(unit.from_ft + 8),
                rear,
            ];
        }
        const end = cabEnd(unit);
        const shapes: PartShape[] = [
            { part: 'hood', d: box(unit.from_ft + 0.8, unit.from_ft + CAB_FROM, half * 0.6) },
            { part: 'cab', d: box(unit.from_ft + CAB_FROM, end, half) },
        ];
        return unit.body === 'none' || (index < units.length - 1 && !byUnit)
            ? [...shapes, { part: 'coupling', d: box(end, unit.to_ft, half * 0.34) }]
            : [...shapes, body(end), rear];
    });
}
