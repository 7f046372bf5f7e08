<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Second;

/**
 * Lays out the items of a checklist on a vehicle once more, from the decoded files and from the rules in words. Slow
 * and plain on purpose: nothing of the engine is used, so that both can only agree by being right, or by being wrong in
 * the same way twice.
 *
 * @phpstan-type Item array{
 *    id: string, component: string, axle: ?string, group: ?string, side: ?string, section: string, place: string,
 *    stop: string, axles: list<string>, essential: list<string>, further: list<string>, weight: int, share_of: int,
 *    credit: string,
 *    bonus: bool, two: bool, fitted: bool, figures: array<string, list<array{float, float}>>, zone: string,
 * }
 */
final class SecondList
{
    /** What one vehicle may have and the next may not; of anything else nobody would look for parts. */
    private const EQUIPMENT = [
        'air-horn', 'hand-valve', 'sliding-tandem', 'hood-mirrors', 'auto-inflation', 'hub-meter',
    ];

    /** @var list<array<string, mixed>> axles from front to back, with id, group and features */
    private array $axles = [];

    /** @var list<string> */
    private array $have;

    /** @var array<string, array<string, mixed>> */
    private array $components = [];

    /** @param  array<string, mixed>  $checklist
     * @param  array<string, mixed>  $vehicle */
    public function __construct(private array $checklist, private array $vehicle)
    {
        $this->have = [
            ...$vehicle['equipment'],
            'transmission:'.$vehicle['transmission'],
            'doors:'.$vehicle['doors'],
            ...count($vehicle['units']) > 1 ? ['trailer'] : [],
        ];
        foreach ($vehicle['drives'] as $part => $drive) {
            $this->have[] = str_replace('_', '-', $part).':'.$drive;
        }
        $count = [];
        foreach ($vehicle['units'] as $unit) {
            foreach ($unit['axles'] as $axle) {
                $group = $axle['group'];
                $count[$group] = ($count[$group] ?? 0) + 1;
                $this->axles[] = [
                    'id' => $group === 'steer' && $count[$group] === 1 ? 'steer' : $group.'-'.$count[$group],
                    'group' => $group,
                    'has' => [
                        ...$this->have, 'suspension:'.$axle['suspension'], 'brakes:'.$axle['brakes'],
                        'wheels:'.$axle['wheels'],
                    ],
                ];
            }
        }
        foreach ($checklist['components'] as $component) {
            $this->components[$component['id']] = $component;
        }
    }

    /** @return list<Item> in walking order */
    public function items(): array
    {
        $rule = $this->checklist['rules']['axles'];
        $items = $asked = [];
        foreach ($this->checklist['sections'] as $section) {
            foreach ($this->walked($section['stops'], $rule) as [$stop, $place, $axles, $isFirst]) {
                $here = [];
                foreach ($stop['asks'] as $id) {
                    $component = $this->components[$id];
                    $how = $component['axles'] ?? $rule;
                    $group = $stop['axles'] ?? null;
                    $of =
                        $group === null
                            ? []
                            : array_values(
                                array_filter($this->axles, static fn (array $axle): bool => $axle['group'] === $group),
                            );
                    if ($group === null) {
                        $here[] = [0, $component, null, null, [$this->have]];
                    } elseif ($how === 'all') {
                        if (! isset($asked[$id])) {
                            $here[] = [0, $component, null, null, array_column($this->axles, 'has')];
                        }
                        $asked[$id] = true;
                    } elseif ($how === 'group' || count($of) === 1) {
                        if ($isFirst) {
                            $here[] = [0, $component, $group, $group, array_column($of, 'has')];
                        }
                    } else {
                        foreach ($axles as $n => $axle) {
                            $here[] = [count($axles) > 1 ? $n : 0, $component, $group, $axle['id'], [$axle['has']]];
                        }
                    }
                }
                usort($here, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
                foreach ($here as [, $component, $group, $axle, $has]) {
                    foreach (($component['repeat'] ?? 'once') === 'side' ? ['left', 'right'] : [null] as $side) {
                        $item = $this->item($component, $section, $stop, $place, $axles, $group, $axle, $side, $has);
                        array_push($items, ...$item === null ? [] : $this->asked($item));
                    }
                }
            }
        }

        return $items;
    }

    /** Stops with their places: those of a tandem asked axle by axle come axle by axle. */
    private function walked(array $stops, string $rule): array
    {
        $walked = [];
        $n = 0;
        while ($n < count($stops)) {
            $group = $stops[$n]['axles'] ?? null;
            $run = [];
            while ($n < count($stops) && ($stops[$n]['axles'] ?? null) === $group) {
                $run[] = $stops[$n++];
            }
            $axles = array_values(
                array_filter($this->axles, static fn (array $axle): bool => $axle['group'] === $group),
            );
            if ($group !== null && $axles === []) {
                continue;
            }
            if ($group === null || $rule !== 'each' || count($axles) === 1) {
                foreach ($run as $stop) {
                    $walked[] = [$stop, $stop['id'], $axles, true];
                }

                continue;
            }
            foreach ($axles as $k => $axle) {
                foreach ($run as $stop) {
                    $walked[] = [$stop, $stop['id'].'-'.($k + 1), [$axle], $k === 0];
                }
            }
        }

        return $walked;
    }

    /** @param  list<list<string>>  $has  what each axle that it stands for has */
    private function item(
        array $component, array $section, array $stop, string $place, array $axles, ?string $group, ?string $axle,
        ?string $side, array $has,
    ): ?array {
        $with = array_values(array_filter($has, fn (array $one): bool => $this->isThere($component, $one)));
        if (
            $with === [] &&
            (($this->checklist['rules']['not_fitted'] ?? 'vehicle') === 'vehicle' ||
                isset($component['parts']) ||
                ! $this->wouldBeLookedFor($component, $has))
        ) {
            return null;
        }
        $essential = $further = [];
        foreach ($with as $one) {
            [$more, $beside] = $this->points($component, $one);
            $essential = array_values(array_unique([...$essential, ...$more]));
            $further = array_values(array_unique([...$further, ...$beside]));
        }
        if ($with === []) {
            [$essential, $further] = [$component['essential'], $component['further'] ?? []];
        }
        $further = array_values(array_diff($further, $essential));
        if ($essential === []) {
            return null;
        }
        $where = implode('.', array_filter([$axle, $side]));

        return [
            'id' => $component['id'].($where === '' ? '' : '@'.$where),
            'component' => $component['id'],
            'axle' => $axle,
            'group' => $group,
            'side' => $side,
            'section' => $section['id'],
            'place' => $place,
            'stop' => $stop['id'],
            'axles' => array_column($axles, 'id'),
            'essential' => $essential,
            'further' => $further,
            'weight' => $component['weight'] ?? 1,
            'share_of' => 1,
            'credit' => $component['credit'] ?? ($section['credit'] ?? $this->checklist['rules']['credit']),
            'bonus' => $component['bonus'] ?? false,
            'two' => ($component['repeat'] ?? '') === 'two-sided',
            'fitted' => $with !== [],
            'figures' => $this->figures($component, $group, $axle === null && count($has) > 1),
            'zone' => $stop['zone'],
        ];
    }

    /** The light check may be asked as its functions, or as each function at each place where it shows. */
    private function asked(array $item): array
    {
        $rule = $this->checklist['rules']['lights'] ?? ['ask' => 'one'];
        if ($item['component'] !== 'cab.light_check' || $rule['ask'] === 'one') {
            return [$item];
        }
        $kinds = array_column($this->vehicle['units'], 'kind');
        $trailer = count($kinds) > 1;
        $rears = [
            ...! $trailer || in_array($kinds[0], ['straight-truck', 'bus'], true) ? ['truck-rear'] : [],
            ...$trailer ? ['rear'] : [],
        ];
        $sides = ['tractor-side', ...$trailer ? ['trailer-side'] : []];
        $route = array_values(array_intersect(
            ['front', 'tractor-side', 'truck-rear', 'trailer-side', 'rear'], ['front', ...$sides, ...$rears],
        ));
        $shows = array_filter([
            'low-beam' => ['front'], 'high-beam' => ['front'], 'left-turn' => $route, 'right-turn' => $route,
            'four-way' => $route, 'brake' => $rears, 'tail' => ['front', ...$rears],
            'clearance' => ['front', ...$rears], 'side-markers' => $sides, 'plate' => $rears,
            'reverse' => array_values(array_intersect($rears, ['truck-rear'])),
        ]);
        $parts = [];
        foreach ($shows as $function => $places) {
            if ($rule['ask'] === 'function') {
                $parts[] = ["cab.light_check@$function", 0, count($shows)];

                continue;
            }
            foreach (array_intersect($route, $places) as $turn => $place) {
                $parts[] = [
                    "cab.light_check@$function.$place", ($rule['order'] ?? 'function') === 'route' ? $turn : 0,
                    count($shows) * count($places),
                ];
            }
        }
        usort($parts, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return array_map(
            static fn (array $part): array => ['id' => $part[0], 'share_of' => $part[2]] + $item, $parts,
        );
    }

    private function isThere(array $component, array $has): bool
    {
        foreach ($component['needs'] ?? [] as $need) {
            if (array_intersect(explode('|', $need), $has) === []) {
                return false;
            }
        }

        return ! isset($component['parts']) ||
            array_filter(
                $component['parts'],
                fn (string $part): bool => $this->isThere($this->components[$part], $has),
            ) !== [];
    }

    private function wouldBeLookedFor(array $component, array $has): bool
    {
        foreach ($has as $one) {
            $lacking = array_filter(
                $component['needs'] ?? [],
                static fn (string $need): bool => array_intersect(explode('|', $need), $one) === [],
            );
            if (
                array_diff(
                    array_merge(
                        [],
                        ...array_map(static fn (string $need): array => explode('|', $need), array_values($lacking)),
                    ),
                    self::EQUIPMENT,
                ) === []
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return array{list<string>, list<string>} */
    private function points(array $component, array $has): array
    {
        $essential = $component['essential'] ?? [];
        $further = $component['further'] ?? [];
        if (isset($component['parts']) && $essential === []) {
            foreach ($component['parts'] as $part) {
                if ($this->isThere($this->components[$part], $has)) {
                    [$more, $beside] = $this->points($this->components[$part], $has);
                    $essential = [...$essential, ...$more];
                    $further = [...$further, ...$beside];
                }
            }
        }
        $makesSense = static function (string $point) use ($component, $has): bool {
            foreach ($component['point_needs'][$point] ?? [] as $need) {
                if (array_intersect(explode('|', $need), $has) === []) {
                    return false;
                }
            }

            return true;
        };
        $essential = array_values(array_unique(array_filter($essential, $makesSense)));

        return [$essential, array_values(array_diff(array_unique(array_filter($further, $makesSense)), $essential))];
    }

    /**
     * The accepted values by point; several where axles differ that are one item. @return array<string,
     * list<array{float, float}>>
     */
    private function figures(array $component, ?string $group, bool $ofAll): array
    {
        $found = [];
        $groups = ! $ofAll
            ? [$group]
            : array_values(
                array_unique(
                    array_column(
                        array_filter($this->axles, fn (array $axle): bool => $this->isThere($component, $axle['has'])),
                        'group',
                    ),
                ),
            );
        foreach ($groups as $at) {
            $here = [];
            foreach ($this->checklist['figures'] as $figure) {
                if (
                    (! isset($figure['components']) || in_array($component['id'], $figure['components'], true)) &&
                    (! isset($figure['axles']) || in_array($at, $figure['axles'], true)) &&
                    (! isset($here[$figure['point']]) || isset($figure['components']))
                ) {
                    $low = $figure['accepted_low'] ?? ($figure['low'] ?? $figure['high']);
                    $here[$figure['point']] = [
                        (float) $low,
                        (float) ($figure['accepted_high'] ?? max($low, $figure['high'] ?? $figure['low'])),
                    ];
                }
            }
            foreach ($this->vehicle['figures'] ?? [] as $own) {
                if (
                    $own['component'] === $component['id'] &&
                    isset($here[$own['point']]) &&
                    (! isset($own['axles']) || $own['axles'] === $at)
                ) {
                    $here[$own['point']] = [
                        (float) ($own['low'] ?? $own['high']),
                        (float) ($own['high'] ?? $own['low']),
                    ];
                }
            }
            foreach ($here as $point => $range) {
                $found[$point] = array_values(array_unique([...$found[$point] ?? [], $range], SORT_REGULAR));
            }
        }

        return $found;
    }
}
