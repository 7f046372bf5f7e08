<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\BrakeRules;
use Pasada\Core\Checklist\BrakeSequence;
use Pasada\Core\Checklist\TugSequence;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Inspection\Inspection;

/** Whether the brake tests came when they should, in their order, and were begun again no more often than is allowed. */
final readonly class BrakeReport
{
    private const TUGS = ['test.park_tractor', 'test.park_trailer', 'test.trailer_service'];

    private const LEAKS = ['test.leak_applied', 'test.leak_released'];

    /** @param  list<string>  $breaches  in words; empty where all is well or there are no brake tests */
    private function __construct(public array $breaches) {}

    public static function of(Inspection $inspection, Walk $walk): self
    {
        $rules = $inspection->checklist->rules->brakes;
        if ($rules === null || ! isset($inspection->sections[$rules->section])) {
            return new self([]);
        }
        $tests = $outside = $tugs = $leaks = [];
        foreach ($walk->hearings as $id => $hearing) {
            $item = $inspection->items[$id];
            if ($item->section === $rules->section) {
                $tests[] = $hearing->firstAtMs;
            } elseif (self::isOutside($inspection->place($item->place)?->zone)) {
                $outside[] = $hearing->firstAtMs;
            }
            if (in_array($item->component, self::TUGS, true)) {
                $tugs[] = $hearing->firstAtMs;
            } elseif (in_array($item->component, self::LEAKS, true)) {
                $leaks[] = $hearing->firstAtMs;
            }
        }

        return new self([...self::sequence($rules, $tests, $outside), ...self::tugs($rules, $tugs, $leaks), ...self::restarts($rules, $walk->restarts)]);
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
            BrakeSequence::BeforeWalk => max($tests) > min($outside) ? ['The brake tests come before the walk; something outside was said before they were done.'] : [],
            BrakeSequence::AfterWalk => min($tests) < max($outside) ? ['The brake tests come after the walk; they were begun before it was done.'] : [],
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
            TugSequence::BeforeLeak => max($tugs) > min($leaks) ? ['The tug tests come before the leak test; they were made after it.'] : [],
            TugSequence::AfterLeak => min($tugs) < max($leaks) ? ['The tug tests come after the leak test; they were made before it.'] : [],
            TugSequence::Any => [],
        };
    }

    /** @return list<string> */
    private static function restarts(BrakeRules $rules, int $restarts): array
    {
        return $restarts > $rules->restarts
            ? [sprintf('The brake tests were begun again %s; %s allowed.', $restarts === 1 ? 'once' : $restarts.' times', $rules->restarts === 0 ? 'that is not' : $rules->restarts.' '.($rules->restarts === 1 ? 'restart is' : 'restarts are'))]
            : [];
    }
}
