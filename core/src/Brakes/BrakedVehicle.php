<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

use Pasada\Core\Brakes\Air\AirMakeup;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Vehicle\BrakeSystem;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\Vehicle;

/** What the brake tests need to know of a vehicle. */
final readonly class BrakedVehicle
{
    /** Usual distance from cut-out down to cut-in, in psi: commercial driver manual, 20 to 25. */
    private const CUT_IN_BELOW_PSI = 21.7;

    /** "Not under about 100": commercial driver manual. */
    private const LEAST_CUT_IN_PSI = 100.0;

    private const MOST_BELOW_PSI = 25.0;

    /** @param  array<string, Limits>  $own  by test, where the vehicle has its own */
    public function __construct(
        /** Pulls a trailer that its own air brakes. */
        public bool $combination = true,
        public bool $hasHandValve = true,
        public bool $isManual = false,
        private array $own = [],
        public BrakeSystem $system = BrakeSystem::Air,
    ) {}

    public static function of(Vehicle $vehicle): self
    {
        $own = [];
        foreach (BrakeTest::cases() as $test) {
            $component = $test->component();
            // A vehicle's governor figure is where it cuts out; where it cuts in follows from that, or is a figure for
            // that test alone.
            $figure =
                $component === null
                    ? null
                    : $vehicle->ownFigureOfTest($component, $test->value) ??
                        ($test === BrakeTest::CutIn ? null : $vehicle->ownFigure($component, Point::Reading, null));
            if ($figure !== null) {
                $own[$test->value] = new Limits(self::whole($figure->low), self::whole($figure->high));
            }
        }

        return new self(
            $vehicle->features->has(Feature::TrailerAir),
            $vehicle->features->has(Feature::HandValve),
            $vehicle->features->has(Feature::ManualTransmission),
            $own,
            $vehicle->brakes(),
        );
    }

    /** Whether its parking brakes are springs that air holds off, with valves in the cab. */
    public function hasValves(): bool
    {
        return $this->system === BrakeSystem::Air;
    }

    /**
     * What can be seen, heard and done in a step on this vehicle, as a procedure tells it of air brakes.
     *
     * @return list<string> as "pedal:down", "cut-out:"
     */
    public function observed(BrakeTest $test): array
    {
        $seen = $test->procedure()->observed();

        return $this->hasValves() ? $seen : array_values(
            array_unique(
                array_filter(
                    array_map(
                        static fn (string $one): string => match ($one) {
                            'tractor-valve:in', 'trailer-valve:in' => 'parking-brake:released',
                            'tractor-valve:out', 'trailer-valve:out' => 'parking-brake:set',
                            default => str_starts_with($one, 'hand-valve:') ? '' : $one,
                        },
                        $seen,
                    ),
                    static fn (string $one): bool => $one !== '',
                ),
            ),
        );
    }

    public function canBeAsked(BrakeTest $test): bool
    {
        return $test->procedure()->canBeAskedOf($this);
    }

    /** The vehicle's own limits win over the checklist's. */
    public function rule(StepChoice $step): StepRule
    {
        $rule = $step->test->procedure()->usual($this->combination)->chosen($step, $this->combination);

        $rule = $rule->onVehicle($this->own[$step->test->value] ?? new Limits(null, null));

        return $this->hasValves() ? $rule : $rule->withoutValves();
    }

    /** A governor of the vehicle's own that cuts out lower cuts in lower too. */
    public function leastCutInPsi(): float
    {
        $low = ($this->own[BrakeTest::CutOut->value] ?? null)?->low;

        return $low === null ? self::LEAST_CUT_IN_PSI : min(self::LEAST_CUT_IN_PSI, $low - self::MOST_BELOW_PSI);
    }

    /** An air system that works as this vehicle's should: its governor cuts out in the middle of what it may. */
    public function makeup(): AirMakeup
    {
        $usual = AirMakeup::usual($this->combination);
        $cutOut = $this->middle(BrakeTest::CutOut);
        $cutIn = $this->middle(BrakeTest::CutIn);
        if ($cutOut === null) {
            return $cutIn === null ? $usual : AirMakeup::usual($this->combination, $usual->cutOutPsi, $cutIn);
        }

        return AirMakeup::usual($this->combination, $cutOut, $cutIn ?? $cutOut - self::CUT_IN_BELOW_PSI);
    }

    /** The middle of the vehicle's own limits; null where it has none, or only one. */
    private function middle(BrakeTest $test): ?float
    {
        $own = $this->own[$test->value] ?? null;

        return $own?->low === null || $own->high === null ? null : ($own->low + $own->high) / 2;
    }

    private static function whole(?int $thousandths): ?float
    {
        return $thousandths === null ? null : $thousandths / 1000;
    }
}
