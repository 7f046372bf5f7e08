<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Walk;
use Pasada\Core\Inspection\Inspection;

/** How well the student kept to the walking order. */
final readonly class OrderReport
{
    /**
     * @param  array<string, true>  $outOfPlace  ids of the fewest items whose removal leaves the expected order
     */
    private function __construct(
        /** Items that were named, in whatever order. */
        public int $named,
        public array $outOfPlace,
        /** How often a place was entered again that had been left before. */
        public int $returns,
    ) {}

    public static function of(Inspection $inspection, Walk $walk): self
    {
        $ids = [];
        $ranks = [];
        foreach ($walk->hearings as $id => $hearing) {
            $item = $inspection->item($id);
            if ($item !== null && ! $hearing->notFitted) {
                $ids[] = $id;
                $ranks[] = $item->rank;
            }
        }
        $kept = array_fill_keys(LongestIncreasing::places($ranks), true);
        $outOfPlace = [];
        foreach ($ids as $turn => $id) {
            if (! isset($kept[$turn])) {
                $outOfPlace[$id] = true;
            }
        }
        $seen = [];
        $returns = 0;
        foreach ($walk->visits as $visit) {
            $returns += isset($seen[$visit->place]) ? 1 : 0;
            $seen[$visit->place] = true;
        }

        return new self(count($ids), $outOfPlace, $returns);
    }

    public function inOrder(): int
    {
        return $this->named - count($this->outOfPlace);
    }
}
