<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Question;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/**
 * The spring brakes: the valves come out by themselves. The higher reservoir feeds them, so the higher gauge tells at
 * which pressure.
 */
final readonly class SpringBrakes implements Procedure
{
    public function label(): string
    {
        return 'spring brakes';
    }

    public function component(): string
    {
        return 'test.spring_pop';
    }

    public function kind(): TestKind
    {
        return TestKind::Pressure;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->hasValves();
    }

    /** Between 20 and 45 psi: commercial driver manual, air brakes. */
    public function usual(bool $combination): StepRule
    {
        return new StepRule(BrakeTest::SpringPop, new Limits(20, 45), []);
    }

    public function settings(): array
    {
        return ['low' => 'psi', 'high' => 'psi', 'single_low' => 'psi', 'single_high' => 'psi'];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['engine off', 'fan on; hands off the valves'];
    }

    public function observed(): array
    {
        return ['pedal:down', 'pedal:up', 'popped:trailer', 'popped:tractor', 'popped:both'];
    }

    public function spokenOf(): string
    {
        return '/\b(pop\w*|springs?|knobs?|valves?|buttons?|(come|comes|came|go|goes|coming) out|parking brakes?|set '.
            'themselves)\b/';
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        $valves = $this->valves($vehicle);
        [$popped, $first, $wrong] = $this->popped($run, $rule, $valves, $afterMs ?? 0);
        $byHand = $this->byHand($run, $valves, $afterMs ?? 0, $popped);
        if ($byHand !== null) {
            return StepVerdict::broken($rule->test, ...$byHand);
        }
        if ($first === null) {
            return $this->stillIn($run, $rule);
        }
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $first, $wrong);
        }
        $figures = [];
        foreach ($valves as $valve) {
            if (! isset($popped[$valve])) {
                return StepVerdict::notYet(
                    $rule->test, $first, sprintf('the %s valve is still in', $valve),
                    sprintf('the %s valve never came out', $valve),
                );
            }
            $at = $run->gauges->at($popped[$valve]);
            if ($at === null) {
                $question = Question::reading(
                    sprintf('what did the gauges show when the %s valve came out?', $valve),
                    $popped[$valve],
                );

                return StepVerdict::notJudged($rule->test, $first, $question);
            }
            $figures[$valve.'_psi'] = ShortNumber::rounded($at->higher());
            if (! $rule->isRight($at->higher())) {
                $what = sprintf(
                    'the %s valve came out at %s psi, %s asked', $valve, ShortNumber::of($at->higher()),
                    $rule->limits->label(),
                );

                return StepVerdict::failed($rule->test, $first, $what, $figures);
            }
        }
        if ($vehicle->combination && $popped['tractor'] < $popped['trailer']) {
            return StepVerdict::failed(
                $rule->test,
                $first,
                'the tractor valve came out first; the trailer\'s has to come first or together with it',
                $figures,
            );
        }
        $told = array_map(
            static fn (string $valve): string => ShortNumber::of($figures[$valve.'_psi'] ?? 0.0).
                ' psi ('.
                $valve.
                ')',
            $valves,
        );

        return StepVerdict::met($rule->test, $first, 'came out at '.implode(' and ', $told), $figures);
    }

    /** @return non-empty-list<string> valves that are asked, in the order in which they should come out */
    private function valves(BrakedVehicle $vehicle): array
    {
        return $vehicle->combination ? ['trailer', 'tractor'] : ['tractor'];
    }

    /**
     * @param  list<string>  $valves
     * @return array{array<string, int>, int|null, string|null} when each valve came out, the first of them, and what
     *   was wrong then
     */
    private function popped(Run $run, StepRule $rule, array $valves, int $afterMs): array
    {
        $popped = [];
        $wrong = null;
        foreach ($run->fannedDown(EventKind::Popped, $afterMs) as $n => $event) {
            $wrong ??= $run->wrongAt($n, $rule);
            foreach ($event->to === 'both' ? ['tractor', 'trailer'] : [$event->to] as $valve) {
                $popped[$valve] ??= $event->atMs;
            }
        }
        $asked = array_intersect_key($popped, array_flip($valves));

        return [$popped, $asked === [] ? null : min($asked), $wrong];
    }

    private function stillIn(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->gauges->readings as $n => $reading) {
            $higher = $reading->pressure->higher();
            if (
                $higher < $rule->limits->lowest() &&
                ! $run->situationAt($n)->engine &&
                $run->situationAt($n)->tractorIn
            ) {
                $what = sprintf(
                    'no valve came out down to %s psi, %s asked',
                    ShortNumber::of($higher),
                    $rule->limits->label(),
                );

                $figures = ['psi' => ShortNumber::rounded($higher)];

                return StepVerdict::failed($rule->test, $reading->atMs, $what, $figures);
            }
        }

        return StepVerdict::notDone($rule->test);
    }

    /**
     * A hand on a valve while pressure is fanned down: pulled before it came out, or pushed back after it did.
     *
     * @param  list<string>  $valves
     * @param  array<string, int>  $popped
     * @return array{int, string}|null when, and what
     */
    private function byHand(Run $run, array $valves, int $afterMs, array $popped): ?array
    {
        $areAllOut = array_diff($valves, array_keys($popped)) === [];
        $last = $areAllOut ? max([0, ...array_values($popped)]) : PHP_INT_MAX;
        foreach ($run->events as $n => $event) {
            $before = $run->situationAt($n);
            if (! $event->kind->isParkingValve() || $event->atMs < $afterMs) {
                continue;
            }
            if ($before->engine || $run->isInMinute($n)) {
                continue;
            }
            $valve = $event->kind === EventKind::TractorValve ? 'tractor' : 'trailer';
            $wasIn = $valve === 'tractor' ? $before->tractorIn : $before->trailerIn;
            if ($event->to === 'out' && $wasIn && $event->atMs <= $last && $run->wasRunningBefore($n)) {
                return [$event->atMs, sprintf('the %s valve was pulled by hand; it has to come out by itself', $valve)];
            }
            if ($event->to === 'in' && $event->atMs >= ($popped[$valve] ?? PHP_INT_MAX)) {
                return [$event->atMs, sprintf('the %s valve was pushed back in after it had come out', $valve)];
            }
        }

        return null;
    }
}
