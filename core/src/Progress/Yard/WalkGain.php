<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** What a walk in the yard adds to a student's chance, from what practicing each part would add. */
final readonly class WalkGain
{
    /** A walk with its debrief counts as so many parts practiced, of which such a share stays: a choice. */
    private const PARTS = 10;

    private const STAYS = 0.5;

    /** Of somebody of whom nothing is known a walk tells most. */
    public const UNKNOWN_CHANCE = 0.3;

    public const UNKNOWN_GAIN = 0.1;

    /** @param  list<float>  $gains  of each part that could be practiced, 0 to 1 */
    public static function of(array $gains): float
    {
        rsort($gains);

        return min(1.0, self::STAYS * array_sum(array_slice($gains, 0, self::PARTS)));
    }
}
