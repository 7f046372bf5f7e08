<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\Pressure;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StepRule;

/** What the student said during a run of the tests, as far as it matters for them. */
final readonly class SaidAloud
{
    /** @param  array<int, BrakeEvent>  $said  in order */
    public function __construct(private array $said) {}

    /** What has to be said before a moment and was not; null where all was. */
    public function missingBefore(int $atMs, StepRule $rule): ?string
    {
        $isMissing = $rule->mustSay(Spoken::AreaClear) && ! $this->includes(Spoken::AreaClear, 0, $atMs);

        return $isMissing ? 'did not say '.Spoken::AreaClear->label() : null;
    }

    /** What the student read aloud near a moment, where nobody noted the gauges; null where nothing was. */
    public function pressure(Spoken $what, int $atMs): ?Pressure
    {
        foreach ($this->said as $event) {
            if (
                $event->to === $what->value &&
                $event->primary !== null &&
                abs($event->atMs - $atMs) <= Gauges::NEAR_MS
            ) {
                return new Pressure($event->primary, $event->primary);
            }
        }

        return null;
    }

    public function includes(Spoken $what, int $fromMs, int $toMs): bool
    {
        foreach ($this->said as $event) {
            if ($event->to === $what->value && $event->atMs >= $fromMs && $event->atMs <= $toMs) {
                return true;
            }
        }

        return false;
    }

    /** @return list<float> the limits that the student stated of a test, as far as their figures are known */
    public function limits(BrakeTest $test): array
    {
        return array_values(
            array_filter(
                array_map(static fn (BrakeEvent $event): ?float => $event->primary, $this->limitsOf($test)),
                is_float(...),
            ),
        );
    }

    /** Whether the student stated the limit of a test, by its figure or by a touch of the scorer. */
    public function statesLimit(BrakeTest $test): bool
    {
        return $this->limitsOf($test) !== [];
    }

    /** @return array<int, BrakeEvent> */
    private function limitsOf(BrakeTest $test): array
    {
        return array_filter(
            $this->said,
            static fn (BrakeEvent $event): bool => $event->to === Spoken::Limit->value && $event->test === $test,
        );
    }
}
