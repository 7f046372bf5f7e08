import type { Schemas } from '@/shared/api/client';
import type { PlanLayout } from './planLayout';

type Unit = Schemas['UnitResource'];
type Place = Schemas['PlaceResource'];

/** Parts of the vehicle that the drawing fills as they are heard. */
export type Part = 'hood' | 'cab' | 'steer' | 'drive' | 'trailer' | 'coupling' | 'body' | 'rear';

/** "drive" of "drive-2" */
const axleGroup = (axle: string): 'steer' | 'drive' | 'trailer' =>
    axle.startsWith('steer') ? 'steer' : axle.startsWith('trailer') ? 'trailer' : 'drive';

export function partOf(place: Place): Part {
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
            return axleGroup(place.axles[0] ?? '');
        case 'rear-cab':
        case 'rear-tractor':
        case 'coupling':
            return 'coupling';
        case 'trailer-front':
        case 'trailer-side':
            return 'body';
        case 'trailer-axle':
            return 'trailer';
        case 'trailer-rear':
            return 'rear';
    }
}

/** How much of each part is heard, from 0 to 1. */
export function partShares(
    places: Place[],
    tallies: ReadonlyMap<string, { asked: number; said: number }>,
): Map<Part, number> {
    const sums = new Map<Part, { asked: number; said: number }>();
    for (const place of places) {
        const { asked, said } = tallies.get(place.id) ?? { asked: 0, said: 0 };
        const sum = sums.get(partOf(place)) ?? { asked: 0, said: 0 };
        sums.set(partOf(place), { asked: sum.asked + asked, said: sum.said + said });
    }
    return new Map([...sums].map(([part, { asked, said }]) => [part, asked === 0 ? 0 : said / asked]));
}

export interface PartShape {
    part: Part;
    d: string;
}

/** What is filled of the vehicle for each part, as paths of SVG; the wheels belong to their axles. */
export function partShapes(units: Unit[], layout: PlanLayout): PartShape[] {
    const mid = (layout.top + layout.bottom) / 2;
    const half = (layout.bottom - layout.top) / 2;
    const box = (from: number, to: number, reach: number): string => {
        const [x1, x2] = [layout.xOf(from), layout.xOf(to)];
        return `M${x1} ${mid - reach}H${x2}V${mid + reach}H${x1}z`;
    };
    return units.flatMap((unit, index): PartShape[] => {
        const rear: PartShape = { part: 'rear', d: box(unit.to_ft - 1.2, unit.to_ft, half) };
        const isLast = index === units.length - 1;
        if (unit.kind === 'semitrailer') {
            const reach = unit.body === 'container-chassis' ? half * 0.34 : half;
            return [{ part: 'body', d: box(unit.from_ft, unit.to_ft - 1.2, reach) }, rear];
        }
        if (unit.kind === 'bus') {
            return [
                { part: 'hood', d: box(unit.from_ft, unit.from_ft + 2, half) },
                { part: 'cab', d: box(unit.from_ft + 2, unit.from_ft + 8, half) },
                { part: 'body', d: box(unit.from_ft + 8, unit.to_ft - 1.2, half) },
                rear,
            ];
        }
        const cab = unit.from_ft + 5.5;
        const cabEnd = unit.from_ft + (unit.kind === 'sleeper-tractor' ? 15 : 10.5);
        const shapes: PartShape[] = [
            { part: 'hood', d: box(unit.from_ft + 0.8, cab, half * 0.6) },
            { part: 'cab', d: box(cab, cabEnd, half) },
        ];
        if (!isLast) return [...shapes, { part: 'coupling', d: box(cabEnd, unit.to_ft, half * 0.34) }];
        return unit.body === 'none'
            ? [...shapes, { part: 'coupling', d: box(cabEnd, unit.to_ft, half * 0.34) }]
            : [...shapes, { part: 'body', d: box(cabEnd, unit.to_ft - 1.2, half) }, rear];
    });
}
