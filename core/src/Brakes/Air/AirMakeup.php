<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

/**
 * What an air system is made of. Volumes in liters, pressures in psi above the outside, times in seconds.
 *
 * Sizes are those of a usual tractor-trailer: reservoirs hold twelve times (trailer: eight times) the chambers they
 * feed, as 49 CFR 571.121 S5.1.2 and S5.2.1 ask; a compressor gives about 13 cubic feet (370 l) of free air a minute at
 * 1250 rpm, as makers' sheets state for the usual one-cylinder kind. Temperature is left out.
 */
final readonly class AirMakeup
{
    /** Atmospheric pressure: 14.7 psi. A liter of free air is 14.7 psi liters. */
    public const OUTSIDE_PSI = 14.7;

    /**
     * At the supply; the gauges stand up to 2 psi lower while pressure moves, and are still within the usual limits.
     */
    private const CUT_OUT_PSI = 126.5;

    private const CUT_IN_PSI = 104.8;

    public function __construct(
        public bool $combination = true,
        public float $supplyLiters = 18.0,
        public float $primaryLiters = 42.0,
        public float $secondaryLiters = 30.0,
        public float $trailerLiters = 40.0,
        /** Chambers filled by a full pedal, by the reservoir that feeds them. */
        public float $primaryChamberLiters = 2.8,
        public float $secondaryChamberLiters = 1.6,
        public float $trailerChamberLiters = 3.0,
        /** Free air in liters for each turn of the engine. */
        public float $litersPerTurn = 0.296,
        public float $cutOutPsi = self::CUT_OUT_PSI,
        public float $cutInPsi = self::CUT_IN_PSI,
        /** 49 CFR 571.121 S5.1.5 asks for it below 60 psi at the latest; switches are set some psi higher. */
        public float $warningPsi = 66.0,
        public float $trailerPopPsi = 38.0,
        public float $tractorPopPsi = 30.0,
    ) {}

    /** @param  float  $cutOutPsi  within the usual 120 to 140, where the vehicle has no figure of its own */
    public static function usual(
        bool $combination,
        float $cutOutPsi = self::CUT_OUT_PSI,
        float $cutInPsi = self::CUT_IN_PSI,
    ): self {
        return $combination
            ? new self(cutOutPsi: $cutOutPsi, cutInPsi: $cutInPsi)
            : new self(
                combination: false, trailerLiters: 0.0, trailerChamberLiters: 0.0, cutOutPsi: $cutOutPsi,
                cutInPsi: $cutInPsi,
            );
    }
}
