<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

/** The normal distribution. */
final readonly class Normal
{
    /** An interval holds 80 percent, by the custom of this application: so much lies below its lower end. */
    public const TAIL = 0.1;

    /** Its ends lie so many standard errors from the middle. */
    public const REACH = 1.2816;

    /** Share below: M. Abramowitz, I. Stegun, Handbook of Mathematical Functions, 26.2.17; error below 1e-7. */
    public static function below(float $z): float
    {
        $t = 1.0 / (1.0 + 0.2316419 * abs($z));
        $tail = 0.39894228 * exp(-0.5 * $z * $z) * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937
            + $t * (-1.821255978 + $t * 1.330274429))));

        return $z >= 0.0 ? 1.0 - $tail : $tail;
    }

    /** The value below which a share lies: the same, 26.2.23, error below 4.5e-4. */
    public static function quantile(float $share): float
    {
        $t = sqrt(-2.0 * log(min($share, 1.0 - $share)));
        $z = $t - (2.515517 + $t * (0.802853 + $t * 0.010328))
            / (1.0 + $t * (1.432788 + $t * (0.189269 + $t * 0.001308)));

        return $share < 0.5 ? -$z : $z;
    }

    /** Chance of a logit that is spread around its mean: D. MacKay, Neural Computation 4 (1992), 720. */
    public static function logistic(float $mean, float $variance): float
    {
        return 1.0 / (1.0 + exp(-$mean / sqrt(1.0 + M_PI / 8.0 * $variance)));
    }
}
