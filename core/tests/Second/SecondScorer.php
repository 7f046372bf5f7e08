<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Second;

/**
 * Scores a finished walk once more, from the decoded files and the rules in words (docs/how-it-works.md). Slow and
 * plain on purpose, and without anything of the engine; shares are fractions of 60480, which all that it meets divide.
 */
final class SecondScorer
{
    public const ONE = 60480 * 11 * 15;

    private const TUGS = ['test.park_tractor', 'test.park_trailer', 'test.trailer_service'];

    /** @var list<array<string, mixed>> */
    public readonly array $items;

    private array $rules;

    /**
     * @var array<string, array{left: array<string, string>, right: array<string, string>}> how each point stands by
     *   side: said, late, wrong
     */
    private array $said = [];

    private array $waved = [];

    private array $wavedLate = [];

    private array $first = [];

    private array $told = [];

    private array $figures = [];

    private array $planted = [];

    private array $dark = [];

    private array $noticed = [];

    private array $shut = [];

    private ?string $at = null;

    private array $been = [];

    private array $references = [];

    private int $restarts = 0;

    /** @param  array<string, mixed>  $checklist
     * @param  array<string, mixed>  $vehicle
     * @param  list<array<string, mixed>>  $marks  in the open format, in any order */
    public function __construct(array $checklist, array $vehicle, array $marks)
    {
        $this->rules = $checklist['rules'];
        $this->items = (new SecondList($checklist, $vehicle))->items();
        usort($marks, static fn (array $a, array $b): int => [$a['at_ms'], $a['id']] <=> [$b['at_ms'], $b['id']]);
        $finish = min([
            PHP_INT_MAX,
            ...array_column(
                array_filter($marks, static fn (array $mark): bool => $mark['kind'] === 'finished'),
                'at_ms',
            ),
        ]);
        foreach ($marks as $mark) {
            $isLateDevice =
                $mark['at_ms'] > $finish &&
                ! isset($mark['said']) &&
                ! in_array(
                    $mark['kind'], ['points_taken_back', 'defect_planted', 'lamp_dark', 'lamp_lit', 'note'], true,
                );
            if (
                ! $isLateDevice &&
                ! $this->isUndone($mark['id'], $marks) &&
                $mark['kind'] !== 'undo' &&
                (! isset($mark['item']) || $this->item($mark['item']) !== null)
            ) {
                $this->play($mark);
            }
        }
    }

    private function isUndone(string $id, array $marks): bool
    {
        foreach ($marks as $mark) {
            if (($mark['undoes'] ?? null) === $id && ! $this->isUndone($mark['id'], $marks)) {
                return true;
            }
        }

        return false;
    }

    private function item(string $id): ?array
    {
        foreach ($this->items as $item) {
            if ($item['id'] === $id) {
                return $item;
            }
        }

        return null;
    }

    private function play(array $mark): void
    {
        $item = isset($mark['item']) ? $this->item($mark['item']) : null;
        $late =
            $item !== null && (isset($mark['said']) ? $mark['said'] === 'late' : isset($this->shut[$item['place']]));
        $sides =
            isset($mark['side']) && $item !== null && $item['two'] && ($this->rules['sides'] ?? 'one') === 'both'
                ? [$mark['side']]
                : ['left', 'right'];
        if (
            $item !== null &&
            $item['axle'] !== null &&
            in_array(
                $mark['kind'],
                ['heard_whole', 'points_heard', 'heard_in_part', 'figure_heard', 'said_wrong', 'not_fitted',
                    'defect_noticed'],
                true,
            )
        ) {
            $this->been[$item['axle']] = true;
        }
        match ($mark['kind']) {
            'heard_whole' => $this->hear($item, [...$item['essential'], ...$item['further']], $sides, $late, $mark),
            'points_heard' => $this->hear($item, $mark['points'] ?? [], $sides, $late, $mark),
            'heard_in_part' => $this->hear($item, [], $sides, $late, $mark),
            'figure_heard' => $this->figure($item, $mark, $sides, $late),
            'said_wrong' => $late ? null : $this->wrong($item, $mark['points'], $sides, $mark),
            'points_taken_back' => $this->takeBack($item, $mark['points'], $sides),
            'not_fitted' => $this->wave($item, $late, $mark),
            'defect_planted' => $this->planted[$item['id']] = $mark['side'] ?? '',
            'defect_noticed' => $late ? null : $this->noticed[$item['id']][] = $mark['side'] ?? '',
            'lamp_dark' => $this->dark[$item['id']] = true,
            'lamp_lit' => $this->dark[$item['id']] = false,
            'place_entered' => $this->enter($mark['place']),
            'place_closed' => $this->rules['returns'] === 'place' ? $this->shut[$mark['place']] = true : null,
            'carried_over' => $this->refer($mark),
            'restarted' => $this->restart(),
            default => null,
        };
    }

    private function hear(array $item, array $points, array $sides, bool $late, array $mark): void
    {
        unset($this->waved[$item['id']]);
        if (! isset($this->first[$item['id']])) {
            $this->first[$item['id']] = $mark['at_ms'];
            if (isset($mark['said'])) {
                $this->told[$item['id']] = true;
            }
        }
        $this->said[$item['id']] ??= ['left' => [], 'right' => []];
        foreach ($sides as $side) {
            foreach ([...$points, 'identified'] as $point) {
                $has = $this->said[$item['id']][$side][$point] ?? '';
                if (! $late) {
                    $this->said[$item['id']][$side][$point] = 'said';
                } elseif ($has === '') {
                    $this->said[$item['id']][$side][$point] = 'late';
                } elseif ($has === 'wrong') {
                    $this->said[$item['id']][$side][$point] = 'wrong late';
                }
            }
        }
    }

    private function figure(array $item, array $mark, array $sides, bool $late): void
    {
        $point = $mark['points'][0];
        $right = array_filter(
            $item['figures'][$point] ?? [],
            static fn (array $range): bool => $mark['value'] >= $range[0] && $mark['value'] <= $range[1],
        );
        if (! isset($item['figures'][$point])) {
            return;
        }
        if ($right === []) {
            $late ? null : $this->wrong($item, [$point], $sides, $mark);

            return;
        }
        foreach (array_keys($right) as $n) {
            $this->figures[$item['id']][$point][$n] = true;
        }
        $isAll = count($this->figures[$item['id']][$point]) === count($item['figures'][$point]);
        $this->hear($item, $isAll ? [$point] : [], $sides, $late, $mark);
    }

    private function wrong(array $item, array $points, array $sides, array $mark): void
    {
        $this->hear($item, [], $sides, false, $mark);
        foreach ($sides as $side) {
            foreach ($points as $point) {
                $has = $this->said[$item['id']][$side][$point] ?? '';
                $this->said[$item['id']][$side][$point] = str_contains($has, 'late') ? 'wrong late' : 'wrong';
            }
        }
    }

    private function takeBack(array $item, array $points, array $sides): void
    {
        foreach ($sides as $side) {
            foreach (array_keys($this->said[$item['id']][$side] ?? []) as $point) {
                if (in_array($point, $points, true) || in_array('identified', $points, true)) {
                    unset($this->said[$item['id']][$side][$point]);
                }
            }
        }
        foreach ($points as $point) {
            unset($this->figures[$item['id']][$point]);
        }
        if (($this->said[$item['id']]['left'] ?? []) === [] && ($this->said[$item['id']]['right'] ?? []) === []) {
            $this->forget($item['id']);
        }
    }

    private function wave(array $item, bool $late, array $mark): void
    {
        if ($late && $item['fitted']) {
            return;
        }
        $this->first[$item['id']] ??= $mark['at_ms'];
        if ($late) {
            $this->wavedLate[$item['id']] = true;

            return;
        }
        unset($this->said[$item['id']], $this->figures[$item['id']], $this->wavedLate[$item['id']]);
        $this->waved[$item['id']] = true;
    }

    private function forget(string $id): void
    {
        unset(
            $this->said[$id], $this->waved[$id], $this->wavedLate[$id], $this->first[$id], $this->told[$id],
            $this->figures[$id],
        );
    }

    private function sectionOf(string $place): string
    {
        foreach ($this->items as $item) {
            if ($item['place'] === $place) {
                return $item['section'];
            }
        }

        return '';
    }

    private function refer(array $mark): void
    {
        $this->standAt($mark['place']);
        $this->references[] = [
            $mark['place'], $mark['from'], $mark['except'] ?? [], isset($this->shut[$mark['place']]), $this->been,
        ];
    }

    private function standAt(string $place): void
    {
        foreach ($this->items as $item) {
            if ($item['place'] === $place && $item['axle'] !== null) {
                $this->been[$item['axle']] = true;
            }
        }
    }

    private function enter(string $place): void
    {
        if ($place !== $this->at && $this->at !== null) {
            if ($this->rules['returns'] === 'place') {
                $this->shut[$this->at] = true;
            } elseif (
                $this->rules['returns'] === 'section' &&
                $this->sectionOf($this->at) !== $this->sectionOf($place)
            ) {
                foreach ($this->items as $item) {
                    if ($item['section'] === $this->sectionOf($this->at)) {
                        $this->shut[$item['place']] = true;
                    }
                }
            }
        }
        $this->at = $place;
        $this->standAt($place);
    }

    private function restart(): void
    {
        $this->restarts++;
        if ($this->restarts > ($this->rules['brake_tests']['restarts'] ?? 0)) {
            return;
        }
        foreach ($this->items as $item) {
            if ($item['section'] === $this->rules['brake_tests']['section']) {
                $this->forget($item['id']);
                unset($this->shut[$item['place']]);
            }
        }
    }

    /**
     * What a reference gives each item, until nothing more comes of it. @return array<string, array{left: array<string,
     * string>, right: array<string, string>}>
     */
    private function followed(): array
    {
        $said = $this->said;
        $scopes = $this->rules['carry_over']['scopes'] ?? [];
        do {
            $before = $said;
            foreach ($this->references as [$place, $from, $except, $late, $been]) {
                foreach ($this->items as $item) {
                    if (
                        $item['place'] !== $place ||
                        in_array($item['id'], $except, true) ||
                        ! $item['fitted'] ||
                        isset($this->waved[$item['id']])
                    ) {
                        continue;
                    }
                    if ($from === 'left' || $from === 'right') {
                        $other = $from === 'left' ? 'right' : 'left';
                        if (in_array('side', $scopes, true) && $item['side'] === $other) {
                            $source = $this->item(str_replace($other, $from, $item['id']));
                            $said = $this->give($said, $item, $source, [['left', 'left'], ['right', 'right']], $late);
                        } elseif (
                            in_array('side', $scopes, true) &&
                            $item['side'] === null &&
                            $item['two'] &&
                            ($this->rules['sides'] ?? 'one') === 'both'
                        ) {
                            $said = $this->give($said, $item, $item, [[$from, $other]], $late);
                        }
                    } elseif ($item['axle'] !== null && $item['axle'] !== $from && isset($been[$from])) {
                        $source = $this->item(
                            $item['component'].'@'.$from.($item['side'] === null ? '' : '.'.$item['side']),
                        );
                        $isPartner = $source !== null && $source['group'] === $item['group'];
                        $allowed = $this->rules['carry_over']['from'][$item['group']] ?? null;
                        if (
                            $source !== null &&
                            ($isPartner
                                ? array_intersect(['tandem', 'axle'], $scopes) !== []
                                : in_array('axle', $scopes, true) &&
                                    ($allowed === null || in_array($source['group'], $allowed, true)))
                        ) {
                            $said = $this->give($said, $item, $source, [['left', 'left'], ['right', 'right']], $late);
                        }
                    }
                }
            }
        } while ($said !== $before);

        return $said;
    }

    private function give(array $said, array $to, ?array $from, array $sides, bool $late): array
    {
        if ($from === null || ! $from['fitted'] || isset($this->waved[$from['id']])) {
            return $said;
        }
        foreach ($sides as [$source, $target]) {
            foreach ($said[$from['id']][$source] ?? [] as $point => $how) {
                $isAsked = $point === 'identified' || in_array($point, [...$to['essential'], ...$to['further']], true);
                // A figure that differs has to be said itself.
                if (
                    ! $isAsked ||
                    (($to['figures'][$point] ?? null) !== ($from['figures'][$point] ?? null) &&
                        isset($to['figures'][$point])) ||
                    $this->isWrong($to['id'], $point)
                ) {
                    continue;
                }
                $has = $said[$to['id']][$target][$point] ?? '';
                $gives =
                    $how === 'said' && ! $late ? 'said' : ($how === 'said' || str_contains($how, 'late') ? 'late' : '');
                if ($gives === 'said' || ($gives === 'late' && $has === '')) {
                    $said[$to['id']] ??= ['left' => [], 'right' => []];
                    $said[$to['id']][$target][$point] = $gives;
                }
            }
        }

        return $said;
    }

    private function isWrong(string $id, string $point): bool
    {
        return array_filter(
            ['left', 'right'],
            fn (string $side): bool => str_contains($this->said[$id][$side][$point] ?? '', 'wrong'),
        ) !== [];
    }

    /**
     * @return array<string, array{status: string, earned: int, possible: int, bonus: int}> earned in parts of ONE times
     *   the weight
     */
    public function outcomes(): array
    {
        $followed = $this->followed();
        $outcomes = [];
        foreach ($this->items as $item) {
            $outcomes[$item['id']] = $this->outcome($item, $followed[$item['id']] ?? null);
        }
        $brakes = $this->rules['brake_tests'] ?? null;
        if ($brakes !== null && ($brakes['weight'] ?? '') === 'section') {
            $tests = array_filter(
                $this->items,
                static fn (array $item): bool => $item['section'] === $brakes['section'],
            );
            $isLost =
                array_filter(
                    $tests,
                    static fn (array $item): bool => $outcomes[$item['id']]['earned'] <
                        $outcomes[$item['id']]['possible'],
                ) !== [];
            foreach ($isLost || $this->breaches() > 0 ? $tests : [] as $item) {
                $outcomes[$item['id']]['earned'] = $outcomes[$item['id']]['bonus'] = 0;
                $outcomes[$item['id']]['status'] .= ', forfeited';
            }
        }

        return $outcomes;
    }

    private function outcome(array $item, ?array $said): array
    {
        $one = intdiv($item['weight'] * self::ONE, $item['share_of']);
        $isSeen =
            array_filter(
                $this->noticed[$item['id']] ?? [],
                fn (string $side): bool => $side === '' ||
                    ($this->planted[$item['id']] ?? '') === '' ||
                    $side === $this->planted[$item['id']],
            ) !== [];
        $bonus = $isSeen && ($this->rules['defects']['noticed'] ?? '') === 'bonus' ? $one : 0;
        if (isset($this->waved[$item['id']]) && $item['fitted']) {
            return ['status' => 'not_fitted', 'earned' => 0, 'possible' => 0, 'bonus' => 0];
        }
        [$status, $share] = $this->judged($item, $said, $isSeen);
        $earned = intdiv($one * $share, self::ONE);

        return $item['bonus']
            ? ['status' => $status, 'earned' => 0, 'possible' => 0, 'bonus' => $bonus + $earned]
            : ['status' => $status, 'earned' => $earned, 'possible' => $one, 'bonus' => $bonus];
    }

    /** @return array{string, int} */
    private function judged(array $item, ?array $said, bool $isSeen): array
    {
        if (! $item['fitted']) {
            return match (true) {
                isset($this->waved[$item['id']]) => ['not_fitted', self::ONE],
                isset($this->wavedLate[$item['id']]) => ['late', 0],
                $said !== null => ['wrong', 0],
                default => ['missed', 0],
            };
        }
        $direct = $this->said[$item['id']] ?? null;
        $isCarried = $said !== $direct && ($direct === null || $this->share($item, $direct, false) < self::ONE);
        if ($isSeen && ($this->rules['defects']['noticed'] ?? '') === 'whole') {
            return [$isCarried ? 'carried' : 'whole', self::ONE];
        }
        if ($said === null) {
            return ['missed', 0];
        }
        $share = $this->share($item, $said, false);
        $spoken = array_filter(
            [...$item['essential'], ...$item['further']],
            static fn (string $point): bool => in_array(
                'said',
                [$said['left'][$point] ?? '', $said['right'][$point] ?? ''],
                true,
            ),
        );
        $isKnown = isset($this->planted[$item['id']]) || ($this->dark[$item['id']] ?? false);
        if ($isKnown && ! $isSeen && $spoken !== []) {
            return ['over_defect', match ($this->rules['defects']['recited_over'] ?? 'full') {
                'nothing' => 0, 'half' => intdiv($share, 2), default => $share
            }];
        }

        return [match (true) {
            $share === self::ONE => $isCarried ? 'carried' : 'whole',
            $this->hasWrong($said) => 'wrong',
            $this->share($item, $said, true) > $share => $spoken === [] ? 'late' : 'later_added',
            default => 'partial',
        }, $share];
    }

    private function hasWrong(array $said): bool
    {
        return array_filter(
            [...array_values($said['left']), ...array_values($said['right'])],
            static fn (string $how): bool => str_contains($how, 'wrong'),
        ) !== [];
    }

    private function share(array $item, array $said, bool $withLate): int
    {
        if (($this->rules['wrong'] ?? 'point') === 'item' && $this->hasWrong($said)) {
            return 0;
        }
        $of = function (array $one) use ($item, $withLate): int {
            $heard = array_keys(
                array_filter(
                    $one,
                    static fn (string $how): bool => $how === 'said' || ($withLate && str_contains($how, 'late')),
                ),
            );
            $e = count(array_intersect($item['essential'], $heard));
            $f = count(array_intersect($item['further'], $heard));
            $part = ($this->rules['half_for_part'] ?? false) ? intdiv(self::ONE, 2) : 0;

            return $e + $f === 0
                ? 0
                : match ($item['credit']) {
                    'named' => self::ONE,
                    'essential' => $e === count($item['essential']) ? self::ONE : $part,
                    'full' => $e + $f === count($item['essential']) + count($item['further']) ? self::ONE : $part,
                    'weighted' => intdiv(
                        self::ONE * (2 * $e + $f),
                        2 * count($item['essential']) + count($item['further']),
                    ),
                };
        };
        if ($item['two'] && ($this->rules['sides'] ?? 'one') === 'both') {
            return intdiv($of($said['left']) + $of($said['right']), 2);
        }

        return $of($said['left']);
    }

    public function outOfPlace(): int
    {
        asort($this->first);
        $said = array_values(
            array_filter(
                array_map(strval(...), array_keys($this->first)),
                fn (string $id): bool => ! isset($this->waved[$id]) &&
                    ! isset($this->told[$id]) &&
                    $this->item($id)['fitted'],
            ),
        );

        return (new SecondOrder($this->items, $this->rules['order'] ?? [], $said))->outOfPlace();
    }

    /** How many of the rules of the brake tests were broken. */
    public function breaches(): int
    {
        $brakes = $this->rules['brake_tests'];
        $times = fn (callable $of): array => array_values(
            array_map(
                fn (array $item): int => $this->first[$item['id']],
                array_filter(
                    $this->items,
                    fn (array $item): bool => isset($this->first[$item['id']]) &&
                        ! isset($this->told[$item['id']]) &&
                        $of($item),
                ),
            ),
        );
        if (
            array_filter($this->items, static fn (array $item): bool => $item['section'] === $brakes['section']) === []
        ) {
            return 0;
        }
        $tests = $times(static fn (array $item): bool => $item['section'] === $brakes['section']);
        $outside = $times(
            static fn (array $item): bool => $item['section'] !== $brakes['section'] &&
                ! in_array($item['zone'], ['cab', 'brakes'], true),
        );
        $tugs = $times(static fn (array $item): bool => in_array($item['component'], self::TUGS, true));
        $leaks = $times(static fn (array $item): bool => $item['component'] === 'test.leak_applied');
        $after = static fn (array $first, array $then): bool => $first !== [] &&
            $then !== [] &&
            max($first) > min($then);

        return count(array_filter([
            match ($brakes['sequence'] ?? 'any') {
                'before-walk' => $after($tests, $outside), 'after-walk' => $after($outside, $tests), default => false
            },
            match ($brakes['tug'] ?? 'any') {
                'before-leak' => $after($tugs, $leaks), 'after-leak' => $after($leaks, $tugs), default => false
            },
            $this->restarts > ($brakes['restarts'] ?? 0),
        ]));
    }

    /**
     * Whether the finished walk passes. Sections by their own marks, misses, critical items, order and the brake tests.
     */
    public function passes(): bool
    {
        $pass = $this->rules['pass'];
        $outcomes = $this->outcomes();
        $sections = array_values(array_unique(array_column($this->items, 'section')));
        $isHeld =
            isset($pass['overall_percent']) || isset($pass['misses_allowed']) || isset($pass['out_of_place_allowed']);
        $ok = ! isset($pass['overall_percent']) || $this->reaches($this->items, $outcomes, $pass['overall_percent']);
        foreach ($sections as $section) {
            $in = array_filter($this->items, static fn (array $item): bool => $item['section'] === $section);
            $percent = $pass['sections'][$section]['percent'] ?? ($pass['section_percent'] ?? null);
            $misses = $pass['sections'][$section]['misses_allowed'] ?? ($pass['section_misses_allowed'] ?? null);
            $isCritical =
                in_array($section, $pass['critical_sections'] ?? [], true) ||
                (($this->rules['brake_tests']['weight'] ?? '') === 'critical' &&
                    $this->rules['brake_tests']['section'] === $section);
            $weight = array_sum(array_map(static fn (array $item): int => $outcomes[$item['id']]['possible'], $in));
            $isHeld = $isHeld || $isCritical || ($weight > 0 && ($percent !== null || $misses !== null));
            $ok =
                $ok &&
                ($percent === null || $this->reaches($in, $outcomes, $percent)) &&
                ($misses === null || $this->misses($in, $outcomes) <= $misses) &&
                (! $isCritical || $this->misses($in, $outcomes) === 0);
        }
        foreach ($pass['critical_components'] ?? [] as $component) {
            $isHeld =
                $isHeld ||
                array_filter($this->items, static fn (array $item): bool => $item['component'] === $component) !== [];
            $ok =
                $ok &&
                $this->misses(
                    array_filter($this->items, static fn (array $item): bool => $item['component'] === $component),
                    $outcomes,
                ) === 0;
        }
        $ok =
            $ok &&
            (! isset($pass['misses_allowed']) || $this->misses($this->items, $outcomes) <= $pass['misses_allowed']);
        $ok = $ok && (! isset($pass['out_of_place_allowed']) || $this->outOfPlace() <= $pass['out_of_place_allowed']);

        // A mark that holds nothing of this list lets nothing be missed.
        $ok = $ok && ($isHeld || $this->misses($this->items, $outcomes) === 0);

        return $ok && (($this->rules['brake_tests']['weight'] ?? '') !== 'critical' || $this->breaches() === 0);
    }

    private function reaches(array $items, array $outcomes, int $percent): bool
    {
        $sum = fn (string $key): int => array_sum(
            array_map(static fn (array $item): int => $outcomes[$item['id']][$key], $items),
        );

        return min($sum('possible'), $sum('earned') + $sum('bonus')) * 100 >= $percent * $sum('possible');
    }

    public function misses(array $items, array $outcomes): int
    {
        $missed =
            array_filter($items, static function (array $item) use ($outcomes): bool {
                $of = $outcomes[$item['id']];
                $isWhole =
                    in_array($of['status'], ['whole', 'carried', 'not_fitted'], true) ||
                    ($of['status'] === 'over_defect' && $of['earned'] === $of['possible']);

                return $of['possible'] > 0 && ! $isWhole;
            });

        // All parts of the light check are one question, and miss once.
        return count(array_unique(array_map(
            static fn (array $item): string => $item['share_of'] > 1 ? $item['place'] : $item['id'], $missed,
        )));
    }
}
