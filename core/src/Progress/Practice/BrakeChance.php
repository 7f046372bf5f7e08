<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Practice;

use Pasada\Core\Progress\Model\Normal;

/**
 * The chance to pass a brake test next time, from how often it was passed in the vehicle and in the simulated cab.
 *
 * A share held to the school's, as if two tries had been seen before (beta-binomial; T. Bayes 1763). A try in the cab
 * tells half of one in the vehicle: there nothing hisses and nobody looks on. Both are choices and not measured.
 */
final readonly class BrakeChance
{
    private const SEEN_BEFORE = 2.0;

    private const CAB_TELLS = 0.5;

    private function __construct(public float $chance, public float $low, public float $high) {}

    /** @param  float  $usual  share in which the school's students pass it, 0 to 1 */
    public static function of(int $tried, int $passed, int $inCab, int $passedInCab, float $usual): self
    {
        $count = self::SEEN_BEFORE + $tried + self::CAB_TELLS * $inCab;
        $chance = (self::SEEN_BEFORE * $usual + $passed + self::CAB_TELLS * $passedInCab) / $count;
        $reach = Normal::REACH * sqrt($chance * (1.0 - $chance) / ($count + 1.0));

        return new self($chance, max(0.0, $chance - $reach), min(1.0, $chance + $reach));
    }

    /**
     * The chance to pass all of them, one after the other.
     *
     * @param  list<self>  $tests
     */
    public static function ofAll(array $tests): float
    {
        return array_product(array_map(static fn (self $one): float => $one->chance, $tests));
    }
}
