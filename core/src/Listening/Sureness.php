<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Listening\Binding\Finding;
use Pasada\Core\Listening\Decoding\Weights;
use Pasada\Core\Listening\Lexicon\EntryKind;

/** How likely it is that a part was spoken of where a proposal says so: learnt from walks of which that is known. */
final readonly class Sureness
{
    /** Points beyond which one more makes it no surer. */
    private const POINTS = 4;

    /** Cost of a name, in hundredths, over which it is far from where the speaker stands. */
    private const DEAR = 75;

    private const MOST_COST = 200;

    /** Nothing that is heard is certain, and nothing impossible. */
    private const LEAST = 0.05;

    private const MOST = 0.97;

    public function __construct(private Weights $weights) {}

    /** @param  non-empty-list<Finding>  $same  all that was found of it */
    public function of(array $same): float
    {
        $odds = exp($this->weights->alone('sure') + $this->weights->score('sure', self::signs($same)));

        return max(self::LEAST, min(self::MOST, $odds / (1 + $odds)));
    }

    /**
     * @param  non-empty-list<Finding>  $same
     * @return array<string, float>
     */
    public static function signs(array $same): array
    {
        $own = 0;
        $cost = self::MOST_COST;
        $isShared = $isSound = true;
        $hasAny = false;
        foreach ($same as $finding) {
            $own += count(array_filter($finding->points));
            $cost = min($cost, max(0, $finding->placed->cost));
            $isShared = $isShared && $finding->placed->kind === EntryKind::PartWhereFitting;
            $isSound = $isSound && $finding->placed->mention->candidates[$finding->placed->part->id][0] > 0.0;
            $hasAny = $hasAny || $finding->points !== [] || $finding->defects !== [];
        }

        return [
            'points' => min(self::POINTS, $own) / self::POINTS,
            'without own' => $own === 0 ? 1.0 : 0.0,
            'cost' => $cost / 100,
            'dear' => $cost > self::DEAR ? 1.0 : 0.0,
            'shared' => $isShared ? 1.0 : 0.0,
            'sound' => $isSound ? 1.0 : 0.0,
            'bare' => $hasAny ? 0.0 : 1.0,
            'again' => count($same) > 1 ? 1.0 : 0.0,
        ];
    }
}
