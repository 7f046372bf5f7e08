import { hopPath } from '@/shared/plan/hops';
import { inTwoLines } from '@/shared/plan/inTwoLines';
import { layoutPlan, STOP } from '@/shared/plan/planLayout';
import { partShares, partShapes } from '@/shared/plan/planParts';
import type { Schemas } from '@/shared/api/client';
import { describe, expect, it } from 'vitest';

type Zone = Schemas['PlaceResource']['zone'];

const walk: [Zone, number][] = [
    ['cab', 3],
    ['brakes', 1],
    ['front', 1],
    ['engine-right', 1],
    ['engine-left', 2],
    ['axle', 3],
    ['side', 2],
    ['coupling', 1],
    ['trailer-side', 2],
    ['trailer-axle', 1],
    ['trailer-rear', 1],
];

function inspection(zones: [Zone, number][]): Schemas['InspectionResource'] {
    const places = zones.flatMap(([zone, count]) =>
        Array.from({ length: count }, (_, n) => ({
            id: `${zone}-${n}`,
            name: `The ${zone} ${n}`,
            section: zone,
            zone,
            group: zone === 'axle' ? 'steer' : null,
            unit: null,
            axles: zone === 'axle' ? ['steer'] : [],
            items: [],
            references: [],
        })),
    );
    return {
        places,
        sections: zones.map(([zone]) => ({ id: zone, name: zone, short: zone })),
        length_ft: 60,
        units: [
            { kind: 'day-cab-tractor', body: 'none', from_ft: 0, to_ft: 20, axles: [{ id: 'steer', at_ft: 4 }] },
            { kind: 'semitrailer', body: 'van', from_ft: 18, to_ft: 60, axles: [{ id: 'trailer-1', at_ft: 55 }] },
        ],
    } as unknown as Schemas['InspectionResource'];
}

const walks: [string, [Zone, number][]][] = [
    ['the usual walk', walk],
    ['brakes at the end', [...walk.filter(([zone]) => zone !== 'brakes'), ['brakes', 1]]],
    ['the cab at the end', [...walk.filter(([zone]) => zone !== 'brakes' && zone !== 'cab'), ['cab', 3]]],
    ['no cab, no front, no rear', walk.filter(([zone]) => !['cab', 'brakes', 'front', 'trailer-rear'].includes(zone))],
    ['the cab only', [['cab', 3]]],
    ['many stops', walk.map(([zone, count]) => [zone, zone === 'front' || zone === 'trailer-rear' ? 1 : count * 2])],
];

describe('the walk as a line', () => {
    it.each(walks)('passes the stops in walking order: %s', (_, zones) => {
        for (const width of [390, 820, 1280]) {
            const { stops, line } = layoutPlan(inspection(zones), width);
            const along = stops.map((stop) => stop.along);
            expect(along).toEqual([...along].sort((a, b) => a - b));
            expect(new Set(along).size).toBe(stops.length);
            expect(Math.max(...along)).toBeCloseTo(line.length, 3);
            expect(line.d).not.toContain('NaN');
        }
    });

    it.each(walks)('keeps a gloved thumb from hitting two stops: %s', (_, zones) => {
        const { stops } = layoutPlan(inspection(zones), 390);
        stops.forEach((a, n) =>
            stops.slice(n + 1).forEach((b) => expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(STOP)),
        );
    });

    it('stays within the screen where there is room, and is wider where there is not', () => {
        expect(layoutPlan(inspection(walk), 1280).width).toBe(1280);
        expect(layoutPlan(inspection(walk), 390).width).toBeGreaterThan(390);
    });

    it('names every stop at rest where there is room', () => {
        const few: [Zone, number][] = [
            ['cab', 1],
            ['side', 3],
        ];
        expect([layoutPlan(inspection(few), 1280).isRoomy, layoutPlan(inspection(walk), 820).isRoomy]).toEqual([
            true,
            false,
        ]);
    });

    it('names a section once for each run of its stops', () => {
        const names = layoutPlan(inspection(walk), 1280).sections.map(({ name }) => name);
        expect(names).toEqual(walk.map(([zone]) => zone));
    });
});

describe('the route really walked', () => {
    const layout = layoutPlan(inspection(walk), 1280);

    it('shows nothing beside the line where the line was kept', () => {
        expect(
            hopPath(
                layout.stops.map(({ place }) => place),
                layout,
            ),
        ).toEqual([]);
    });

    it.each([
        [['cab-0', 'cab-2'], [false]],
        [['cab-2', 'cab-0'], [true]],
        [
            ['cab-0', 'cab-1', 'front-0', 'brakes-0'],
            [false, true],
        ],
        [['cab-0', 'cab-0'], []],
        [['cab-0', 'elsewhere'], []],
        [[], []],
    ])('shows a step out of it: %j', (walked, backs) => {
        expect(hopPath(walked, layout).map(({ isBack }) => isBack)).toEqual(backs);
    });
});

describe('the parts of the vehicle', () => {
    it('fill by what was heard at all their places', () => {
        const { places } = inspection(walk);
        const shares = partShares(
            places,
            new Map([
                ['cab-0', { asked: 4, said: 4 }],
                ['cab-1', { asked: 4, said: 0 }],
                ['trailer-rear-0', { asked: 3, said: 3 }],
            ]),
        );
        expect([shares.get('cab'), shares.get('rear'), shares.get('hood')]).toEqual([0.5, 1, 0]);
    });

    it('are all drawn: of a tractor with its trailer each once', () => {
        const of = inspection(walk);
        const parts = partShapes(of.units, layoutPlan(of, 1280), false).map(({ part }) => part);
        expect(parts).toEqual(['hood', 'cab', 'coupling', 'body', 'rear']);
    });
});

it.each([
    ['Coupling', ['Coupling']],
    ['Steer suspension', ['Steer', 'suspension']],
    ['Front of the trailer or body', ['Front of the', 'trailer or body']],
])('breaks the name %s into lines', (name, lines) => {
    expect(inTwoLines(name)).toEqual(lines);
});
