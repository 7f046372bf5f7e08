<?php

declare(strict_types=1);

namespace Pasada\Core\Tests;

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Vehicle\Vehicle;
use Pasada\Core\Vehicle\VehicleReader;

/**
 * Small documents for tests, changed at a path, and short ways to make marks.
 *
 * The sample checklist has two sections and three places: `cab` (belt, horn), `engine` (alternator, oil) and
 * `steer` (tyre, push rod); on the sample tractor that is seven items, the mirror being asked on both sides.
 */
final class Sample
{
    /** @return array<string, mixed> */
    public static function checklistDocument(): array
    {
        return [
            'format' => 'pasada-checklist/1',
            'id' => 'sample',
            'version' => 1,
            'name' => 'Sample',
            'reason' => 'For tests.',
            'rules' => [
                'credit' => 'essential',
                'returns' => 'end',
                'axles' => 'group',
                'pass' => ['overall_percent' => 80, 'note' => 'Set yours.'],
            ],
            'figures' => [
                [
                    'id' => 'tread-steer',
                    'point' => 'depth',
                    'axles' => ['steer'],
                    'low' => 4,
                    'unit' => '1/32 in',
                    'source' => '49 CFR 393.75(b)',
                ],
                [
                    'id' => 'tread-other',
                    'point' => 'depth',
                    'axles' => ['drive', 'trailer'],
                    'low' => 2,
                    'unit' => '1/32 in',
                    'source' => '49 CFR 393.75(c)',
                ],
                [
                    'id' => 'belt-play',
                    'point' => 'belt_play',
                    'high' => 0.75,
                    'unit' => 'in',
                    'source' => 'driver manual',
                ],
            ],
            'components' => [
                [
                    'id' => 'cab.seat_belt',
                    'name' => 'Seat belt',
                    'essential' => ['works', 'intact'],
                    'further' => ['mounted'],
                ],
                ['id' => 'cab.horn_air', 'name' => 'Air horn', 'essential' => ['works'], 'needs' => ['air-horn']],
                ['id' => 'side.mirror', 'name' => 'Mirror', 'essential' => ['mounted', 'clean'], 'repeat' => 'side'],
                [
                    'id' => 'engine.alternator',
                    'name' => 'Alternator',
                    'essential' => ['mounted', 'drive'],
                    'further' => ['belt_play'],
                    'point_needs' => ['belt_play' => ['alternator:belt']],
                    'drive' => 'alternator',
                ],
                ['id' => 'engine.oil_level', 'name' => 'Oil level', 'essential' => ['level'], 'further' => ['sealed']],
                [
                    'id' => 'wheel.tyre',
                    'name' => 'Tyre',
                    'essential' => ['depth', 'even'],
                    'further' => ['matched'],
                    'point_needs' => ['matched' => ['wheels:dual']],
                ],
            ],
            'sections' => [
                [
                    'id' => 'cab',
                    'name' => 'In the cab',
                    'stops' => [
                        [
                            'id' => 'cab',
                            'name' => 'Cab',
                            'zone' => 'cab',
                            'asks' => ['cab.seat_belt', 'cab.horn_air', 'side.mirror'],
                        ],
                    ],
                ],
                [
                    'id' => 'outside',
                    'name' => 'Outside',
                    'stops' => [
                        [
                            'id' => 'engine',
                            'name' => 'Engine',
                            'zone' => 'engine-left',
                            'asks' => ['engine.alternator', 'engine.oil_level'],
                        ],
                        [
                            'id' => 'steer-wheel',
                            'name' => 'Steer wheel',
                            'zone' => 'axle',
                            'axles' => 'steer',
                            'asks' => ['wheel.tyre'],
                        ],
                        [
                            'id' => 'drive-wheel',
                            'name' => 'Drive wheel',
                            'zone' => 'axle',
                            'axles' => 'drive',
                            'asks' => ['wheel.tyre'],
                        ],
                    ],
                ],
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function vehicleDocument(): array
    {
        $axle = static fn (string $group, float $at, string $wheels): array => [
            'group' => $group,
            'at_ft' => $at,
            'suspension' => 'spring',
            'brakes' => 'drum',
            'wheels' => $wheels,
            'hub' => 'hub-seal',
        ];

        return [
            'format' => 'pasada-vehicle/1',
            'id' => 'sample-tractor',
            'name' => 'Sample tractor',
            'units' => [
                [
                    'kind' => 'day-cab-tractor',
                    'body' => 'none',
                    'from_ft' => 0,
                    'to_ft' => 23,
                    'axles' => [
                        $axle('steer', 4, 'single'),
                        $axle('drive', 16.5, 'dual'),
                        $axle('drive', 20.8, 'dual'),
                    ],
                ],
            ],
            'doors' => 'none',
            'transmission' => 'manual',
            'drives' => [
                'alternator' => 'belt',
                'water_pump' => 'belt',
                'air_compressor' => 'gear',
                'steering_pump' => 'gear',
            ],
            'equipment' => ['air-horn'],
        ];
    }

    /**
     * A document with the value at a path changed, or taken out where it is `null`.
     *
     * @param  array<mixed>  $document
     * @param  list<string|int>  $path
     * @return array<mixed>
     */
    public static function with(array $document, array $path, mixed $value): array
    {
        $key = array_shift($path);
        assert($key !== null);
        if ($path === []) {
            if ($value === null) {
                unset($document[$key]);
            } else {
                $document[$key] = $value;
            }

            return $document;
        }
        $inner = $document[$key] ?? [];
        assert(is_array($inner));
        $document[$key] = self::with($inner, $path, $value);

        return $document;
    }

    /** @param  array<string, mixed>  $rules  changes to the sample's rules */
    public static function checklist(array $rules = []): Checklist
    {
        return (new ChecklistReader)->read((string) json_encode(self::ruled($rules)));
    }

    public static function vehicle(): Vehicle
    {
        return (new VehicleReader)->read((string) json_encode(self::vehicleDocument()));
    }

    /** @param  array<string, mixed>  $rules */
    public static function inspection(array $rules = []): Inspection
    {
        return Inspection::of(self::checklist($rules), self::vehicle());
    }

    /** @param  array<string, mixed>  $rules */
    public static function sheet(array $rules, Mark ...$marks): ScoreSheet
    {
        return ScoreSheet::from(self::checklist($rules), self::vehicle(), null, MarkList::of(...$marks));
    }

    /**
     * The sheet of changed documents.
     *
     * @param  array<mixed>  $checklist
     * @param  array<mixed>|null  $vehicle  the sample's where null
     */
    public static function sheetOf(array $checklist, ?array $vehicle, Mark ...$marks): ScoreSheet
    {
        return ScoreSheet::ofInspection(self::inspectionOf($checklist, $vehicle), MarkList::of(...$marks));
    }

    /**
     * @param  array<mixed>  $checklist
     * @param  array<mixed>|null  $vehicle
     */
    public static function inspectionOf(array $checklist, ?array $vehicle = null, ?string $form = null): Inspection
    {
        $read = (new ChecklistReader)->read((string) json_encode($checklist));

        return Inspection::of(
            $read,
            (new VehicleReader())->read((string) json_encode($vehicle ?? self::vehicleDocument())),
            $form === null ? null : $read->forms->of($form),
        );
    }

    /**
     * The sample's checklist with other rules.
     *
     * @param  array<string, mixed>  $rules
     * @return array<mixed>
     */
    public static function ruled(array $rules): array
    {
        $document = self::checklistDocument();
        foreach ($rules as $rule => $value) {
            $document = self::with($document, ['rules', $rule], $value);
        }

        return $document;
    }

    public static function shipped(string $folder, string $id): string
    {
        return (string) file_get_contents(__DIR__.'/../../'.$folder.'/'.$id.'.json');
    }

    /** The id of the n-th mark; ids rise with n. */
    public static function id(int $n): string
    {
        return sprintf('0190%04x-0000-7000-8000-%012x', $n >> 16, $n);
    }

    /** @return list<Mark> every item of the sample said whole, in walking order, from second 1 on */
    public static function all(): array
    {
        $items = array_keys(self::inspection()->items);

        return array_map(static fn (int $n): Mark => self::whole($n + 1, $items[$n]), array_keys($items));
    }

    public static function whole(int $n, string $item): Mark
    {
        return Mark::heardWhole(self::id($n), $n * 1000, $item);
    }

    public static function points(int $n, string $item, Point ...$points): Mark
    {
        return Mark::pointsHeard(self::id($n), $n * 1000, $item, PointSet::of(...$points));
    }

    public static function takenBack(int $n, string $item, Point ...$points): Mark
    {
        return Mark::pointsTakenBack(self::id($n), $n * 1000, $item, PointSet::of(...$points));
    }

    public static function enter(int $n, string $place): Mark
    {
        return Mark::placeEntered(self::id($n), $n * 1000, $place);
    }

    public static function close(int $n, string $place): Mark
    {
        return Mark::placeClosed(self::id($n), $n * 1000, $place);
    }

    public static function wave(int $n, string $item): Mark
    {
        return Mark::notFitted(self::id($n), $n * 1000, $item);
    }

    /** @param  list<string>  $except */
    public static function carry(int $n, string $place, string $from, array $except = []): Mark
    {
        return Mark::carriedOver(self::id($n), $n * 1000, $place, $from, $except);
    }

    /** @param  int  $value  thousandths */
    public static function figure(int $n, string $item, Point $point, int $value): Mark
    {
        return Mark::figureHeard(self::id($n), $n * 1000, $item, PointSet::of($point), $value);
    }

    public static function wrong(int $n, string $item, Point ...$points): Mark
    {
        return Mark::saidWrong(self::id($n), $n * 1000, $item, PointSet::of(...$points));
    }

    public static function undo(int $n, int $of): Mark
    {
        return Mark::undo(self::id($n), $n * 1000, self::id($of));
    }

    public static function finish(int $n): Mark
    {
        return Mark::finished(self::id($n), $n * 1000);
    }
}
