<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Judging\Situation;

/**
 * Reservoirs, brake chambers, and what joins them: which way is open at given pressures, and how fast air flows through
 * it.
 *
 * The state is that of AirMode: psi in supply, primary, secondary and trailer reservoir, in the chambers of the last
 * three, and a one.
 */
final readonly class AirPlumbing
{
    /** Place in the state of the first chamber; chamber n is fed by reservoir n + 1. */
    public const CHAMBERS = 4;

    /** Pressures of two joined reservoirs come together with this time constant, in seconds. */
    private const JOINED_SECONDS = 0.4;

    /** A chamber fills and empties with this one. */
    private const CHAMBER_SECONDS = 0.15;

    /** A check valve that should have switched is seen by so much, in psi. */
    private const NOTICED_PSI = 1e-4;

    /** Check valves: from which reservoir to which. */
    private const FLOWS = [[0, 1], [0, 2], [1, 3], [2, 3]];

    /** Place of the first leak among the ways that are open or not: check valves and chambers come before. */
    private const LEAKS = 7;

    private const RESERVOIRS = ['supply' => 0, 'primary' => 1, 'secondary' => 2, 'trailer' => 3];

    /** @var list<float> liters, in the order of the state */
    public array $liters;

    /** @var list<array{int, float, bool}> reservoir, psi lost in a second, whether only with the pedal down */
    private array $leaks;

    public function __construct(private AirMakeup $makeup, AirFaults $faults)
    {
        $this->liters = [
            $makeup->supplyLiters, $makeup->primaryLiters, $makeup->secondaryLiters, $makeup->trailerLiters,
            $makeup->primaryChamberLiters, $makeup->secondaryChamberLiters, $makeup->trailerChamberLiters,
        ];
        $this->leaks = $this->leaksOf($faults);
    }

    /**
     * All air in reservoirs and chambers, in psi liters.
     *
     * @param  list<float>  $state
     */
    public function air(array $state): float
    {
        $air = 0.0;
        foreach ($this->liters as $n => $liters) {
            $air += $liters * $state[$n];
        }

        return $air;
    }

    /**
     * Which check valves let air on, which chambers are filled, and which leaks leak.
     *
     * @param  list<float>  $state
     * @return list<bool>
     */
    public function open(array $state, Situation $controls): array
    {
        $open = [];
        foreach (self::FLOWS as [$from, $to]) {
            $open[] = ($to !== 3 || $this->isFed($controls)) && $state[$from] > $state[$to];
        }
        for ($n = 0; $n < 3; $n++) {
            $isThere = $this->liters[self::CHAMBERS + $n] > 0;
            $open[] = $isThere && self::isApplied($n, $controls) && $state[$n + 1] > $state[self::CHAMBERS + $n];
        }
        foreach ($this->leaks as [$of, , $isApplied]) {
            $open[] = $state[$of] > 0 && (! $isApplied || $controls->pedalDown);
        }

        return $open;
    }

    /**
     * Whether a way has to open or to close at these pressures, or a leak has nothing left.
     *
     * @param  list<bool>  $open
     * @param  list<float>  $state
     */
    public function hasTurned(array $open, array $state, Situation $controls): bool
    {
        [$supply, $primary, $secondary, $trailer] = $state;
        if (self::isTurned($open[0], $supply - $primary) || self::isTurned($open[1], $supply - $secondary)) {
            return true;
        }
        if ($this->isFed($controls)
            && (self::isTurned($open[2], $primary - $trailer) || self::isTurned($open[3], $secondary - $trailer))) {
            return true;
        }
        for ($n = 0; $n < 3; $n++) {
            $drop = $state[$n + 1] - $state[self::CHAMBERS + $n];
            if (self::isApplied($n, $controls) && self::isTurned($open[self::CHAMBERS + $n], $drop)) {
                return true;
            }
        }
        foreach ($this->leaks as $n => [$of]) {
            if ($open[self::LEAKS + $n] && $state[$of] < 0) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<bool>  $open
     * @param  float  $gainPerSecond  what the compressor adds to the supply reservoir, in psi
     * @return list<list<float>> of AirMode
     */
    public function rates(array $open, Situation $controls, float $gainPerSecond): array
    {
        $rates = array_fill(0, AirMode::SIZE - 1, array_fill(0, AirMode::SIZE, 0.0));
        foreach (self::FLOWS as $n => [$from, $to]) {
            if ($open[$n]) {
                $this->join($rates, $from, $to, self::JOINED_SECONDS);
            }
        }
        for ($n = 0; $n < 3; $n++) {
            if ($open[self::CHAMBERS + $n]) {
                $this->join($rates, $n + 1, self::CHAMBERS + $n, self::CHAMBER_SECONDS);
            } elseif (! self::isApplied($n, $controls)) {
                $rates[self::CHAMBERS + $n][self::CHAMBERS + $n] = -1 / self::CHAMBER_SECONDS;
            }
        }
        foreach ($this->leaks as $n => [$of, $perSecond]) {
            $rates[$of][AirMode::SIZE - 1] -= $open[self::LEAKS + $n] ? $perSecond : 0.0;
        }
        $rates[0][AirMode::SIZE - 1] += $gainPerSecond;

        return array_map(array_values(...), array_values($rates));
    }

    /**
     * What leaks out in a second, in psi liters.
     *
     * @param  list<bool>  $open
     */
    public function leakPerSecond(array $open): float
    {
        $lost = 0.0;
        foreach ($this->leaks as $n => [$of, $perSecond]) {
            $lost += $open[self::LEAKS + $n] ? $perSecond * $this->liters[$of] : 0.0;
        }

        return $lost;
    }

    /**
     * What chambers let out between two states, in psi liters.
     *
     * @param  list<float>  $before
     * @param  list<float>  $after
     */
    public function vented(array $before, array $after, Situation $controls): float
    {
        $vented = 0.0;
        for ($n = 0; $n < 3; $n++) {
            $at = self::CHAMBERS + $n;
            $vented += self::isApplied($n, $controls) ? 0.0 : ($before[$at] - $after[$at]) * $this->liters[$at];
        }

        return $vented;
    }

    /**
     * What was taken too much of reservoirs that have nothing left, as that is noticed a hair too late; in psi liters,
     * not positive.
     *
     * @param  list<float>  $state
     */
    public function overdrawn(array $state): float
    {
        $taken = 0.0;
        foreach ($this->leaks as [$of]) {
            $taken += min(0.0, $state[$of]) * $this->liters[$of];
        }

        return $taken;
    }

    /** Whether the trailer is joined to the tractor's air. */
    public function isFed(Situation $controls): bool
    {
        return $this->makeup->combination && $controls->trailerIn;
    }

    private static function isApplied(int $chamber, Situation $controls): bool
    {
        return $controls->pedalDown || ($chamber === 2 && $controls->handOn);
    }

    private static function isTurned(bool $isOpen, float $drop): bool
    {
        return $isOpen ? $drop < -self::NOTICED_PSI : $drop > self::NOTICED_PSI;
    }

    /**
     * What would make both equal flows with the time constant: each gives or takes by the other's share of the volume.
     *
     * @param  array<int, array<int, float>>  $rates  by reference
     */
    private function join(array &$rates, int $from, int $to, float $seconds): void
    {
        $total = ($this->liters[$from] + $this->liters[$to]) * $seconds;
        $gives = $this->liters[$to] / $total;
        $takes = $this->liters[$from] / $total;
        $rates[$from][$from] -= $gives;
        $rates[$from][$to] += $gives;
        $rates[$to][$from] += $takes;
        $rates[$to][$to] -= $takes;
    }

    /** @return list<array{int, float, bool}> */
    private function leaksOf(AirFaults $faults): array
    {
        $leaks = [];
        foreach ($faults->leaks as $place => $perMinute) {
            $of = self::RESERVOIRS[$place] ?? 1;
            if ($this->liters[$of] > 0) {
                $leaks[] = [$of, $perMinute / 60, $place === LeakPlace::Applied->value];
            }
        }

        return $leaks;
    }
}
