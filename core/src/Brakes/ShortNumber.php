<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** Figures as they are told: one decimal, and none where it is nought. */
final readonly class ShortNumber
{
    public static function of(float $value): string
    {
        return rtrim(rtrim(sprintf('%.1f', $value), '0'), '.');
    }

    /** The figure that is told, as a number: what is read and what is kept are the same. */
    public static function rounded(float $value): float
    {
        return (float) self::of($value);
    }
}
