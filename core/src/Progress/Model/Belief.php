<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

/** What is believed of a student at one moment, on the logit scale: means and variances, by number. */
final readonly class Belief
{
    /**
     * @param  array<int, float>  $place
     * @param  array<int, float>  $placeVar
     * @param  array<int, float>  $component
     * @param  array<int, float>  $componentVar
     * @param  array<int, float>  $item
     * @param  array<int, float>  $itemVar
     */
    public function __construct(
        public float $level,
        public float $levelVar,
        public array $place,
        public array $placeVar,
        public array $component,
        public array $componentVar,
        public array $item,
        public array $itemVar,
    ) {}

    /** Mean logit of an item over its hardness, and the variance of it without the form of the day. */
    public function mean(int $i, Plan $plan): float
    {
        return $this->level + $this->place[$plan->places[$i]] + $this->component[$plan->components[$i]]
            + $this->item[$i];
    }

    public function variance(int $i, Plan $plan): float
    {
        return $this->levelVar + $this->placeVar[$plan->places[$i]] + $this->componentVar[$plan->components[$i]]
            + $this->itemVar[$i];
    }
}
