<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\TestKind;
use Pasada\Core\Checklist\Rules\BrakeRules;
use Pasada\Core\Checklist\Rules\BrakeSequence;
use Pasada\Core\Checklist\Rules\BrakeWeight;
use Pasada\Core\Checklist\Rules\TugSequence;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Inspection\Inspection;

/**
 * Whether the brake tests came when they should, in their order, and were begun again no more often than is allowed.
 */
final readonly class BrakeReport
{
    /**
     * @param  list<string>  $breaches  in words; empty where all is well or there are no brake tests
     * @param  list<string>  $final  those of them that beginning again would not mend
     */
    private function __construct(public array $breaches, public array $final) {}

    public static function of(Inspection $inspection, Walk $walk, RestartableItems $restartable): self
    {
        $rules = $inspection->checklist->rules->brakes;
        if ($rules === null || ! isset($inspection->sections[$rules->section])) {
            return new self([], []);
        }
        $breaches = self::breaches($inspection, $rules, $walk->hearings);
        $tooOften = self::restarts($rules, $walk->restarts);
        if ($restartable->ids === [] || $breaches === []) {
            return new self([...$breaches, ...$tooOften], [...$breaches, ...$tooOften]);
        }
        // Said outside already, nothing brings the tests before it any more.
        $final =
            $rules->sequence === BrakeSequence::BeforeWalk &&
            self::sequence($rules, [PHP_INT_MAX], self::outside($inspection, $walk->hearings)) !== []
                ? $breaches
                : self::breaches($inspection, $rules, array_diff_key($walk->hearings, $restartable->ids));

        return new self([...$breaches, ...$tooOften], [...$final, ...$tooOften]);
    }

    /**
     * The outcomes once a fault of the tests has cost their section, where the checklist has it so.
     *
     * @param  array<string, ItemOutcome>  $outcomes
     * @return array<string, ItemOutcome>
     */
    public function forfeiting(?BrakeRules $rules, array $outcomes): array
    {
        if ($rules?->weight !== BrakeWeight::Section) {
            return $outcomes;
        }
        $tests = array_filter(
            $outcomes,
            static fn (ItemOutcome $outcome): bool => $outcome->item->section === $rules->section,
        );
        $isLost = array_filter($tests, static fn (ItemOutcome $outcome): bool => $outcome->isLost()) !== [];
        if (! $isLost && $this->breaches === []) {
            return $outcomes;
        }
        $isFinal = $isLost || $this->final !== [];

        return array_replace(
            $outcomes,
            array_map(static fn (ItemOutcome $outcome): ItemOutcome => $outcome->forfeit($isFinal), $tests),
        );
    }

    /**
     * @param  array<string, Hearing>  $hearings
     * @return list<string>
     */
    private static function breaches(Inspection $inspection, BrakeRules $rules, array $hearings): array
    {
        $tests = $tugs = $leaks = [];
        [$areTugs, $areLeaks] = [BrakeTest::componentsOf(TestKind::Tug), BrakeTest::componentsOf(TestKind::Leak)];
        foreach ($hearings as $id => $hearing) {
            $item = $inspection->items[$id];
            if ($hearing->afterwards || $item->section !== $rules->section) {
                continue;
            }
            $tests[] = $hearing->firstAtMs;
            if (in_array($item->component, $areTugs, true)) {
                $tugs[] = $hearing->firstAtMs;
            } elseif (in_array($item->component, $areLeaks, true)) {
                $leaks[] = $hearing->firstAtMs;
            }
        }

        return [
            ...self::sequence(
                $rules,
                $tests,
                $rules->sequence === BrakeSequence::Any ? [] : self::outside($inspection, $hearings),
            ),
            ...self::tugs($rules, $tugs, $leaks),
        ];
    }

    /**
     * @param  array<string, Hearing>  $hearings
     * @return list<int> times at which something outside was first spoken of
     */
    private static function outside(Inspection $inspection, array $hearings): array
    {
        $said = array_filter($hearings, static fn (Hearing $hearing, string $id): bool => ! $hearing->afterwards
            && self::isOutside($inspection->place($inspection->items[$id]->place)?->zone), ARRAY_FILTER_USE_BOTH);

        return array_values(array_map(static fn (Hearing $hearing): int => $hearing->firstAtMs, $said));
    }

    private static function isOutside(?Zone $zone): bool
    {
        return $zone !== null && $zone !== Zone::Cab && $zone !== Zone::Brakes;
    }

    /**
     * @param  list<int>  $tests
     * @param  list<int>  $outside
     * @return list<string>
     */
    private static function sequence(BrakeRules $rules, array $tests, array $outside): array
    {
        if ($tests === [] || $outside === []) {
            return [];
        }

        return match ($rules->sequence) {
            BrakeSequence::BeforeWalk => max($tests) > min($outside)
                ? ['The brake tests come before the walk; something outside was said before they were done.']
                : [],
            BrakeSequence::AfterWalk => min($tests) < max($outside)
                ? ['The brake tests come after the walk; they were started before it was done.']
                : [],
            BrakeSequence::Any => [],
        };
    }

    /**
     * @param  list<int>  $tugs
     * @param  list<int>  $leaks
     * @return list<string>
     */
    private static function tugs(BrakeRules $rules, array $tugs, array $leaks): array
    {
        if ($tugs === [] || $leaks === []) {
            return [];
        }

        return match ($rules->tug) {
            TugSequence::BeforeLeak => max($tugs) > min($leaks)
                ? ['The tug tests come before the leak test; they were made after it.']
                : [],
            TugSequence::AfterLeak => min($tugs) < max($leaks)
                ? ['The tug tests come after the leak test; they were made before it.']
                : [],
            TugSequence::Any => [],
        };
    }

    /** @return list<string> */
    private static function restarts(BrakeRules $rules, int $restarts): array
    {
        return $restarts > $rules->restarts
            ? [
                sprintf(
                    'The brake tests were restarted %s; %s allowed.',
                    $restarts === 1 ? 'once' : $restarts.' times',
                    $rules->restarts === 0
                        ? 'that is not'
                        : $rules->restarts.' '.($rules->restarts === 1 ? 'restart is' : 'restarts are'),
                ),
            ]
            : [];
    }
}
