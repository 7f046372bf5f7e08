<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** Writes a planned week, for programs and for people. */
final readonly class YardWriter
{
    private const DIGITS = 4;

    /** @return array<string, mixed> as schemas/yard-plan.schema.json describes it */
    public static function write(YardPlan $plan, YardPlan $firstCome): array
    {
        $round = static fn (float $value): float => round($value, self::DIGITS);
        $gains = $plan->gains();
        $walks = [];
        foreach ($plan->walks as $n => $walk) {
            $walks[] = [
                'slot' => $walk->slot, 'from' => $plan->week->slots[$walk->slot]->said, 'student' => $walk->student,
                'vehicle' => $walk->vehicle, 'instructor' => $walk->instructor, 'gain' => $round($gains[$n]),
                'fixed' => $walk->isFixed, 'why' => self::why($plan, $walk, $gains[$n]),
            ];
        }

        return [
            'walks' => $walks,
            'unplaced' => array_map(
                static fn (array $one): array => ['student' => $one[0], 'why' => $one[1]], $plan->unplaced(),
            ),
            'expected_passes' => [
                'without' => $round($plan->withoutWalks()), 'first_come' => $round($firstCome->expectedPasses()),
                'plan' => $round($plan->expectedPasses()),
            ],
        ];
    }

    /** @param  array<string, mixed>  $written  as above */
    public static function text(array $written): string
    {
        /** @var array{walks: list<array<string, string>>, unplaced: list<array<string, string>>,
         *   expected_passes: array{without: float, first_come: float, plan: float}} $written */
        $lines = array_map(static fn (array $walk): string => sprintf(
            '%s  %s, %s with %s: %s', $walk['from'], $walk['student'], $walk['vehicle'], $walk['instructor'],
            $walk['why'],
        ), $written['walks']);
        foreach ($written['unplaced'] as $one) {
            $lines[] = sprintf('not placed: %s: %s', $one['student'], $one['why']);
        }
        $passes = $written['expected_passes'];
        $lines[] = sprintf(
            'Expected to pass: %.2f by this plan, %.2f first come first served, %.2f without.', $passes['plan'],
            $passes['first_come'], $passes['without'],
        );

        return implode("\n", $lines);
    }

    public static function why(YardPlan $plan, PlannedWalk $walk, float $gain): string
    {
        $learner = $plan->week->learners[$walk->student];
        $days = $learner->examOn === null ? null : $learner->examOn - $plan->week->slots[$walk->slot]->day();

        return sprintf(
            'adds %.1f in 100 to a chance of %d; %s', 100 * $gain,
            (int) round(100 * $learner->chance),
            match (true) {
                $days === null => 'no exam is set',
                $days === 1 => 'the exam is the day after',
                default => sprintf('the exam is %d days later', $days),
            },
        );
    }
}
