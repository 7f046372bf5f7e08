<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Pasada\Core\Progress\Model\Normal;
use Random\Randomizer;

/** How the students of a simulated school learn and forget. Two of them had no part in choosing the model. */
enum Law: string
{
    /** Everything grows along one curve, with peculiarities of places, components and items. */
    case Logistic = 'logistic';
    /** An item is known or not; the unknown is learnt at once, the known is lost at once. */
    case Known = 'known';
    /** Practice works by its power, and so does forgetting. */
    case Power = 'power';
    /** Students grow up to a bound of their own. */
    case Plateau = 'plateau';
    /** Places are learnt one after the other. */
    case Stages = 'stages';
    /** Held out: every item has a memory that fades, the slower the more often it was practiced. */
    case Memory = 'memory';
    /** Held out: some students are steady, some stand still, to some it comes all at once. */
    case Mixed = 'mixed';

    /**
     * @param  list<array{string, string, string}>  $items  place, component and section
     * @param  list<float>  $hard
     */
    public function mind(array $items, array $hard, Randomizer $by): Mind
    {
        return match ($this) {
            self::Logistic => new GrowingMind($items, $hard, $by, null),
            self::Plateau => new GrowingMind($items, $hard, $by, 0.2 + 1.6 * $by->getInt(0, 1000) / 1000),
            self::Known => new KnowingMind($items, $hard, $by),
            self::Power => new PowerMind($items, $hard, $by),
            self::Stages => new StagedMind($items, $hard, $by),
            self::Memory => new MemoryMind($items, $hard, $by),
            self::Mixed => new MixedMind($items, $hard, $by),
        };
    }

    public static function normal(Randomizer $by): float
    {
        return Normal::quantile(($by->getInt(0, 999_998) + 1) / 1_000_000);
    }
}
