<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Second;

use Pasada\Core\Tests\Sample;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A checklist, a vehicle and the marks of a finished walk, drawn by chance from a seed: every value of every rule comes
 * up.
 */
final readonly class ChanceWalk
{
    private Randomizer $random;

    /** @var array<string, mixed> */
    public array $checklist;

    /** @var array<string, mixed> */
    public array $vehicle;

    /** @var list<array<string, mixed>> */
    public array $marks;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->vehicle = $this->vehicle();
        $this->checklist = $this->checklist();
        $this->marks = $this->marks((new SecondList($this->checklist, $this->vehicle))->items());
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    private function vehicle(): array
    {
        $axle = fn (string $group, float $at): array => [
            'group' => $group,
            'at_ft' => $at,
            'suspension' => $this->one(['spring', 'air']),
            'brakes' => $this->one(['drum', 'disc']),
            'wheels' => $group === 'steer' ? 'single' : $this->one(['single', 'dual']),
            'hub' => 'hub-seal',
        ];
        $vehicle = [
            ...Sample::vehicleDocument(),
            'equipment' => $this->one([[], ['air-horn'], ['air-horn', 'hand-valve']]),
        ];
        $vehicle['units'][0]['axles'] = [
            $axle('steer', 4),
            $axle('drive', 16),
            ...$this->chance(60) ? [$axle('drive', 20)] : [],
        ];
        if ($this->chance(50)) {
            $vehicle['units'][] = [
                'kind' => 'semitrailer',
                'body' => 'van',
                'from_ft' => 21,
                'to_ft' => 60,
                'axles' => [$axle('trailer', 50), ...$this->chance(60) ? [$axle('trailer', 54)] : []],
            ];
        }
        $vehicle['figures'] = $this->chance(30)
            ? [['component' => 'wheel.tyre', 'point' => 'inflation', 'axles' => 'drive', 'low' => 90, 'high' => 110]]
            : [];

        return $vehicle;
    }

    private function checklist(): array
    {
        $tug = $this->one(['any', 'before-leak', 'after-leak']);
        $document = Sample::ruled([
            'credit' => $this->one(['named', 'essential', 'weighted', 'full']),
            'half_for_part' => $this->chance(50),
            'returns' => $this->one(['place', 'section', 'end']),
            'axles' => $this->one(['each', 'each', 'group', 'all']),
            'sides' => $this->one(['one', 'both', 'both']),
            'wrong' => $this->one(['point', 'item']),
            'not_fitted' => $this->one(['vehicle', 'spoken']),
            'carry_over' => [
                'scopes' => $this->one([
                    [], ['tandem'], ['axle'], ['side'], ['tandem', 'axle', 'side'], ['tandem', 'axle', 'side'],
                ]),
                ...$this->chance(20) ? ['from' => ['drive' => ['steer'], 'trailer' => ['drive']]] : [],
            ],
            'order' => [
                'sections' => $this->one(['fixed', 'free']),
                'items' => $this->one(['fixed', 'grouped', 'free']),
                'direction' => $this->one(['inside-out', 'outside-in', 'kept']),
                'tandem' => $this->one(['axle', 'part', 'kept']),
            ],
            'defects' => [
                'recited_over' => $this->one(['nothing', 'half', 'full']),
                'noticed' => $this->one(['nothing', 'whole', 'bonus']),
            ],
            'brake_tests' => [
                'section' => 'tests',
                'sequence' => $this->one(['before-walk', 'after-walk', 'any']),
                'tug' => $tug,
                'restarts' => $this->random->getInt(0, 2),
                'weight' => $this->one(['critical', 'section', 'counted']),
            ],
            'pass' => $this->pass(),
        ]);
        $document['figures'][] = [
            'id' => 'pressure',
            'point' => 'inflation',
            'components' => ['wheel.tyre'],
            'low' => 100,
            'high' => 100,
            'accepted_low' => 95,
            'accepted_high' => 105,
            'unit' => 'psi',
            'source' => 'plate',
        ];
        $document['components'] = [...$document['components'], ...self::more()];
        foreach ($document['components'] as $n => $component) {
            if (! in_array($component['id'], ['cab.seat_belt', 'susp.air_bag', 'susp.leaf_springs'], true)) {
                $document['components'][$n]['weight'] = $this->one([1, 1, 1, 2, 3, 0]);
            }
            if (in_array($component['id'], ['side.mirror', 'brake.hose'], true)) {
                $document['components'][$n]['repeat'] = $this->one(['once', 'side', 'two-sided', 'two-sided']);
            }
        }
        $document['components'][4]['bonus'] = $this->chance(50);
        $document['components'][5]['further'] = ['matched', 'inflation'];
        $tests =
            $tug === 'before-leak'
                ? ['test.park_tractor', 'test.leak_applied']
                : ['test.leak_applied', 'test.park_tractor'];
        $axleStops = fn (string $group): array => [
            [
                'id' => $group.'-suspension',
                'name' => 'S',
                'zone' => 'axle',
                'axles' => $group,
                'asks' => ['susp.suspension', 'susp.spacer'],
            ],
            ['id' => $group.'-brakes', 'name' => 'B', 'zone' => 'axle', 'axles' => $group, 'asks' => ['brake.hose']],
            ['id' => $group.'-wheel', 'name' => 'W', 'zone' => 'axle', 'axles' => $group, 'asks' => ['wheel.tyre']],
        ];
        $document['sections'] = [
            $document['sections'][0],
            [
                'id' => 'tests',
                'name' => 'T',
                'stops' => [['id' => 'bench', 'name' => 'B', 'zone' => 'brakes', 'asks' => $tests]],
            ],
            [
                'id' => 'engine',
                'name' => 'E',
                'stops' => [
                    [
                        'id' => 'engine',
                        'name' => 'E',
                        'zone' => 'engine-left',
                        'asks' => ['engine.alternator', 'engine.oil_level'],
                    ],
                    ...$axleStops('steer'),
                ],
            ],
            ['id' => 'drive', 'name' => 'D', 'stops' => $axleStops('drive')],
            ['id' => 'trailer', 'name' => 'R', 'stops' => $axleStops('trailer')],
        ];

        return $document;
    }

    /** @return list<array<string, mixed>> */
    private static function more(): array
    {
        return [
            ['id' => 'brake.hose', 'name' => 'Hose', 'essential' => ['sealed', 'rubber_ok'], 'further' => ['mounted']],
            [
                'id' => 'susp.spacer',
                'name' => 'Spacer',
                'essential' => ['mounted'],
                'further' => ['intact'],
                'needs' => ['suspension:spring', 'wheels:dual'],
            ],
            [
                'id' => 'susp.leaf_springs',
                'name' => 'Springs',
                'essential' => ['intact'],
                'further' => ['complete'],
                'needs' => ['suspension:spring'],
            ],
            [
                'id' => 'susp.air_bag',
                'name' => 'Air bag',
                'essential' => ['mounted', 'sealed'],
                'further' => ['intact'],
                'needs' => ['suspension:air'],
            ],
            ['id' => 'susp.suspension', 'name' => 'Suspension', 'parts' => ['susp.leaf_springs', 'susp.air_bag']],
            ['id' => 'test.leak_applied', 'name' => 'Leak', 'essential' => ['works']],
            ['id' => 'test.park_tractor', 'name' => 'Tug', 'essential' => ['works']],
        ];
    }

    private function pass(): array
    {
        return [
            ...$this->one([
                ['overall_percent' => 60],
                ['section_percent' => 40],
                ['misses_allowed' => 5],
                ['section_misses_allowed' => 2],
                ['sections' => ['engine' => ['percent' => 70], 'drive' => ['misses_allowed' => 1]]],
            ]),
            ...$this->chance(30) ? ['out_of_place_allowed' => $this->random->getInt(0, 6)] : [],
            ...$this->chance(20) ? ['critical_components' => ['cab.seat_belt']] : [],
            'note' => 'x',
        ];
    }

    /**
     * Mostly a walk place by place, with everything that can happen in between.
     *
     * @param  list<array<string, mixed>>  $items
     * @return list<array<string, mixed>>
     */
    private function marks(array $items): array
    {
        $marks = [];
        $n = 0;
        $add = function (array $mark) use (&$marks, &$n): void {
            $n++;
            // Two devices: some marks are timed earlier than they are made.
            $marks[] = [
                'id' => Sample::id($n),
                'at_ms' => max(0, $n * 1000 - ($this->chance(10) ? $this->random->getInt(0, 6000) : 0)),
                ...$mark,
            ];
        };
        $places = array_values(array_unique(array_column($items, 'place')));
        $froms = [...array_values(array_unique(array_filter(array_column($items, 'axle')))), 'left', 'right'];
        foreach ($this->chance(50) ? $places : $this->random->shuffleArray($places) as $place) {
            if ($this->chance(85)) {
                $add(['kind' => 'place_entered', 'place' => $place]);
            }
            $share = $this->random->getInt(30, 95);
            foreach ($items as $item) {
                if ($item['place'] === $place && $this->chance($share)) {
                    $add($this->said($item, $items));
                }
            }
            // "The same as ..." instead of some words.
            for (
                $k = preg_match('/^(drive|trailer|cab)/', $place) === 1 ? $this->random->getInt(0, 2) : 0;
                $k > 0;
                $k--
            ) {
                $add(['kind' => 'carried_over', 'place' => $place, 'from' => $this->one($froms)]);
            }
            if ($this->chance(30)) {
                $add(
                    $this->one([
                        [
                            'kind' => 'carried_over',
                            'place' => $place,
                            'from' => $this->one($froms),
                            ...$this->chance(20) ? ['except' => [$this->one($items)['id']]] : [],
                        ],
                        ['kind' => 'carried_over', 'place' => $place, 'from' => $this->one($froms)],
                        ['kind' => 'place_closed', 'place' => $place],
                        ['kind' => 'restarted', 'section' => 'tests'],
                    ]),
                );
            }
            if ($marks !== [] && $this->chance(20)) {
                $add(['kind' => 'undo', 'undoes' => $this->one($marks)['id']]);
            }
            if ($this->chance(40)) {
                // Something remembered, mostly of what was spoken of already.
                $before = $this->one([...array_column($marks, 'item'), $this->one($items)['id']]);
                $add(
                    $this->said(
                        array_values(array_filter($items, static fn (array $item): bool => $item['id'] === $before))[0],
                        $items,
                    ),
                );
            }
        }
        $add(['kind' => 'finished']);
        for ($k = $this->random->getInt(0, 3); $k > 0; $k--) {
            $add($this->said($this->one($items), $items));
        }

        return $marks;
    }

    /** @param  array<string, mixed>  $item
     * @param  list<array<string, mixed>>  $items
     * @return array<string, mixed> */
    private function said(array $item, array $items): array
    {
        $all = [...$item['essential'], ...$item['further']];
        $some = array_values(array_filter($all, fn (): bool => $this->chance(60)));
        $side = $this->chance(40) ? ['side' => $this->one(['left', 'right'])] : [];
        $said = $this->chance(6) ? ['said' => $this->one(['in_time', 'late'])] : [];
        $figure = array_values(array_intersect(array_keys($item['figures']), $all))[0] ?? null;

        return match ($this->random->getInt(0, 15)) {
            0, 1, 2, 3, 4 => ['kind' => 'heard_whole', 'item' => $item['id'], ...$side, ...$said],
            7 => ['kind' => 'heard_in_part', 'item' => $item['id']],
            5, 6 => ['kind' => 'points_heard', 'item' => $item['id'], 'points' => $some, ...$side, ...$said],
            8 => [
                'kind' => 'points_taken_back',
                'item' => $item['id'],
                'points' => $this->chance(30) ? ['identified'] : $some,
                ...$side,
            ],
            9, 10 => $figure === null
                ? ['kind' => 'heard_whole', 'item' => $item['id'], ...$side]
                : [
                    'kind' => 'figure_heard',
                    'item' => $item['id'],
                    'points' => [$figure],
                    'value' => $this->one([2, 4, 3, 0.75, 100, 92]),
                    ...$side,
                    ...$said,
                ],
            11 => $some === []
                ? ['kind' => 'heard_whole', 'item' => $item['id']]
                : ['kind' => 'said_wrong', 'item' => $item['id'], 'points' => $some, ...$side],
            12 => ['kind' => 'not_fitted', 'item' => $item['id'], ...$said],
            13 => $this->chance(30) ? ['kind' => $this->one(['lamp_dark', 'lamp_lit']), 'item' => $item['id']]
                : ['kind' => 'defect_planted', 'item' => $item['id'], 'text' => 'crack', ...$side],
            14 => ['kind' => 'defect_noticed', 'item' => $item['id'], ...$side, ...$said],
            15 => $this->said($this->one($items), $items),
        };
    }
}
