<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * One of the invented walks of people, laid over what a vehicle is asked under a checklist: which item was said when,
 * where, and with which points.
 */
final readonly class SpokenWalk
{
    private const FOLDER = __DIR__.'/../../core/tests/Listening/People/';

    /**
     * @param  list<array{at: float, item: string, said: list<string>}>  $said  in the order in which it was spoken
     * @param  list<array{from: float, to: float, text: string}>  $cues  as captioned
     * @param  array<string, array{name: string, place: string, points: list<string>}>  $items  all that is asked, by id
     * @param  list<string>  $places  in walking order
     */
    private function __construct(
        public string $name,
        public array $said,
        public array $cues,
        public array $items,
        public array $places,
        /** How many of those heard are not asked of this vehicle. */
        public int $notAsked,
    ) {}

    /** @return list<string> names of the walks that may be looked at closely */
    public static function names(): array
    {
        $files = glob(self::FOLDER.'*.json');

        return array_map(
            static fn (string $file): string => basename($file, '.json'),
            $files === false ? [] : $files,
        );
    }

    /** @param  array<mixed>  $attempt  as the API gives it */
    public static function of(string $name, array $attempt): self
    {
        $file = self::FOLDER.$name;
        /** @var array{heard: list<array{t: int, component: string, axle: ?string, points: list<string>}>} $walk */
        $walk = json_decode((string) file_get_contents("$file.json"), true);
        /**
         * @var array{inspection: array{
         *    places: list<array{id: string, items: list<array<string, mixed>>}>,
         * }} $attempt
         */
        $places = $attempt['inspection']['places'];
        [$items, $byComponent] = self::asked($places);
        $cues = self::cues((string) file_get_contents("$file.vtt"));
        $said = [];
        $taken = [];
        $inCue = array_count_values(array_column($walk['heard'], 't'));
        $turn = [];
        foreach ($walk['heard'] as $one) {
            $turn[$one['t']] = ($turn[$one['t']] ?? 0) + 1;
            $item = self::item($byComponent[$one['component']] ?? [], $one['axle'], $taken);
            if ($item === null) {
                continue;
            }
            $taken[$item] = true;
            // What one caption holds was spoken evenly over its time.
            $seconds = self::secondsOf($cues, (float) $one['t']);
            $said[] = [
                'at' => $one['t'] + $seconds * $turn[$one['t']] / $inCue[$one['t']],
                'item' => $item,
                'said' => array_values(array_intersect($items[$item]['points'], $one['points'])),
            ];
        }

        return new self(
            $name, $said, $cues, $items, array_column($places, 'id'), count($walk['heard']) - count($said),
        );
    }

    /**
     * @param  list<array{id: string, items: list<array<string, mixed>>}>  $places
     * @return array{
     *    array<string, array{name: string, place: string, points: list<string>}>, array<string, list<string>>,
     * }
     */
    private static function asked(array $places): array
    {
        $items = $byComponent = [];
        foreach ($places as $place) {
            foreach ($place['items'] as $item) {
                /** @var array{id: string, component: string, name: string, essential: list<array{code: string}>,
                 *     further: list<array{code: string}>} $item */
                $items[$item['id']] = [
                    'name' => $item['name'],
                    'place' => $place['id'],
                    'points' => array_column([...$item['essential'], ...$item['further']], 'code'),
                ];
                $byComponent[$item['component']][] = $item['id'];
            }
        }

        return [$items, $byComponent];
    }

    /**
     * The first that is not taken yet, at that axle where one was named.
     *
     * @param  list<string>  $ids
     * @param  array<string, true>  $taken
     */
    private static function item(array $ids, ?string $axle, array $taken): ?string
    {
        foreach ($ids as $id) {
            $at = explode('@', $id)[1] ?? '';
            if (! isset($taken[$id]) && ($axle === null || $at === '' || str_starts_with($at, $axle))) {
                return $id;
            }
        }

        return null;
    }

    /** @return list<array{from: float, to: float, text: string}> */
    private static function cues(string $vtt): array
    {
        $time = '(\d+):(\d+):(\d+\.\d+)';
        preg_match_all("/{$time} --> {$time}[^\\n]*\\n(.*?)(?=\\n\\n|\\z)/s", $vtt, $found, PREG_SET_ORDER);
        $seconds = static fn (string $h, string $m, string $s): float => 3600 * (int) $h + 60 * (int) $m + (float) $s;

        return array_map(static fn (array $cue): array => [
            'from' => $seconds($cue[1], $cue[2], $cue[3]),
            'to' => $seconds($cue[4], $cue[5], $cue[6]),
            'text' => trim((string) preg_replace('/\s+/', ' ', $cue[7])),
        ], $found);
    }

    /** @param  list<array{from: float, to: float, text: string}>  $cues */
    private static function secondsOf(array $cues, float $at): float
    {
        foreach ($cues as $cue) {
            if (abs($cue['from'] - $at) < 1.0) {
                return $cue['to'] - $cue['from'];
            }
        }

        return 1.0;
    }
}
