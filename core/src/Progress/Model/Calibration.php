<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

/**
 * Puts chances to pass right by what came of those that were foretold before: their logit is moved and stretched.
 * J. Platt, "Probabilistic outputs for support vector machines" (1999), held to leaving them as they are.
 */
final readonly class Calibration
{
    /** How far a school's chances are off, give or take, before it has shown any outcome (logit; factor). */
    private const SPREAD_OF_SHIFT = 0.7;

    private const SPREAD_OF_SLOPE = 0.3;

    private const ROUNDS = 25;

    /** No forecast is surer than this, however it was made. */
    private const SUREST = 0.995;

    /** @param  array{float, float, float}  $errors  variance of the shift, of the slope, and of both together */
    private function __construct(public float $shift, public float $slope, public array $errors) {}

    public static function none(): self
    {
        return new self(0.0, 1.0, [self::SPREAD_OF_SHIFT ** 2, self::SPREAD_OF_SLOPE ** 2, 0.0]);
    }

    /** @param  array{float, float, float}  $errors */
    public static function by(float $shift, float $slope, array $errors): self
    {
        return new self($shift, $slope, $errors);
    }

    /** @param  list<array{float, bool}>  $foretold  chances, 0 to 1, with whether it was passed */
    public static function fit(array $foretold): self
    {
        [$shift, $slope] = [0.0, 1.0];
        $errors = self::none()->errors;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$a, $b] = [-$shift / self::SPREAD_OF_SHIFT ** 2, (1.0 - $slope) / self::SPREAD_OF_SLOPE ** 2];
            [$aa, $bb, $ab] = [1.0 / self::SPREAD_OF_SHIFT ** 2, 1.0 / self::SPREAD_OF_SLOPE ** 2, 0.0];
            foreach ($foretold as [$chance, $passed]) {
                $x = self::logit($chance);
                $p = 1.0 / (1.0 + exp(-$shift - $slope * $x));
                $off = ($passed ? 1.0 : 0.0) - $p;
                $weight = $p * (1.0 - $p);
                $a += $off;
                $b += $off * $x;
                $aa += $weight;
                $ab += $weight * $x;
                $bb += $weight * $x * $x;
            }
            $of = $aa * $bb - $ab * $ab;
            $errors = [$bb / $of, $aa / $of, -$ab / $of];
            $shift += ($bb * $a - $ab * $b) / $of;
            $slope = max(0.2, $slope + ($aa * $b - $ab * $a) / $of);
        }

        return new self($shift, $slope, $errors);
    }

    public function of(float $chance): float
    {
        return 1.0 / (1.0 + exp(-$this->shift - $this->slope * self::logit($chance)));
    }

    /**
     * The end of an interval around a chance, with how little is known of how chances were kept: the two doubts have
     * nothing to do with each other, so their squares are added.
     *
     * @param  float  $end  as the model has it
     */
    public function end(float $chance, float $end): float
    {
        [$ofShift, $ofSlope, $both] = $this->errors;
        [$x, $far] = [self::logit($chance), self::logit($end) - self::logit($chance)];
        $error = Normal::REACH * sqrt(max(0.0, $ofShift + 2.0 * $both * $x + $ofSlope * $x * $x));
        $reach = sqrt(($this->slope * $far) ** 2 + $error ** 2);

        return 1.0 / (1.0 + exp(-$this->shift - $this->slope * $x - ($end < $chance ? -$reach : $reach)));
    }

    /** How much a chance rises here with one that was not put right. */
    public function rise(float $chance): float
    {
        $here = $this->of($chance);
        $within = min(self::SUREST, max(1.0 - self::SUREST, $chance));

        return $this->slope * $here * (1.0 - $here) / ($within * (1.0 - $within));
    }

    private static function logit(float $chance): float
    {
        $within = min(self::SUREST, max(1.0 - self::SUREST, $chance));

        return log($within / (1.0 - $within));
    }
}
