<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Quantity;

/** One component at one axle that was heard, with what was said of it and where. */
final readonly class Proposal
{
    /**
     * @param  array<string, float>  $figures  by key of the open format
     * @param  list<Evidence>  $evidence
     * @param  list<string>  $defects
     * @param  array<string, array{Quantity, Bound}>  $said  figures by point code
     */
    public function __construct(
        public string $component,
        /** steer, drive or trailer; null off the axles. */
        public ?string $axle,
        public PointSet $points,
        public array $figures,
        /** Of those at 0.8, about eight in ten are right. */
        public float $confidence,
        public array $evidence,
        public array $defects,
        public array $said,
        public bool $notFitted,
        public ?string $runnerUp,
    ) {}

    /**
     * What is left of it with a part of its evidence; the figures of the open format stay.
     *
     * @param  non-empty-list<Evidence>  $evidence
     */
    public function restingOn(array $evidence): self
    {
        $points = $said = $defects = [];
        $notFitted = false;
        foreach ($evidence as $one) {
            $points = [...$points, ...$one->points];
            $said = [...$said, ...$one->said];
            $defects = [...$defects, ...$one->defects];
            $notFitted = $notFitted || $one->notFitted;
        }
        $isBare = $points === [] && $defects === [] && ! $notFitted;

        return new self(
            $this->component, $this->axle, $isBare ? PointSet::identified() : PointSet::of(...$points),
            $this->figures, $this->confidence, $evidence, array_values(array_unique($defects)), $said,
            $notFitted && $points === [], $this->runnerUp,
        );
    }

    /** Seconds at which it was first spoken of. */
    public function at(): float
    {
        return $this->evidence[0]->at;
    }
}
