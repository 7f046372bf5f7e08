<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Lights\LightPart;

/** component + position on this vehicle under this checklist: what earns credit on its own. */
final readonly class Item
{
    /**
     * @param  array<string, Figure>  $figures  by point code
     * @param  array<string, string>  $say  the checklist's own words for a point, by code
     * @param  list<string>  $parts  names of the parts that this item stands for; empty for a single part
     */
    public function __construct(
        /** `component` or `component@position`, as `brake.push_rod@steer`. */
        public string $id,
        public string $component,
        public string $name,
        public Position $position,
        public string $place,
        public string $section,
        public PointSet $essential,
        public PointSet $further,
        /** Essential and further points together. */
        public PointSet $points,
        public int $weight,
        public array $figures,
        public array $say,
        /** "belt" or "gear" where the item has a drive and the vehicle tells; else null. */
        public ?string $drive,
        /** Rank in walking order, from 0. */
        public int $rank,
        public CreditRule $credit,
        /** Extra credit: earns, but is not asked. */
        public bool $bonus,
        /** Has two sides, of which the checklist's side rule says what one earns. */
        public bool $twoSided,
        public array $parts,
        /** False for a part that this vehicle does not have and that the student has to wave by word. */
        public bool $fitted,
        /** What is known to be wrong with it on this vehicle; null where nothing is. */
        public ?string $defect,
        /** Set of a part of the light check. */
        public ?LightPart $light = null,
    ) {}

    /** "Push rod, steer axle" */
    public function fullName(): string
    {
        $where = $this->position->label();

        return $where === '' ? $this->name : $this->name.', '.$where;
    }

    /** The same as one part of the light check. */
    public function ofLight(LightPart $part, int $rank): self
    {
        return new self(
            $this->id.'@'.$part->key(), $this->component, $part->function->label(), Position::ofLight($part),
            $this->place, $this->section, $this->essential, $this->further, $this->points, $this->weight,
            $this->figures, [Point::Works->value => $part->say()] + $this->say, $this->drive, $rank, $this->credit,
            $this->bonus, $this->twoSided, $this->parts, $this->fitted, $this->defect, $part,
        );
    }

    /** So many items like this one are worth its weight. */
    public function shareOf(): int
    {
        return $this->light->shareOf ?? 1;
    }

    /** What is asked as one thing, however many items tell of it: an item, or all parts of the light check. */
    public function question(): string
    {
        return $this->light === null ? $this->id : $this->place.' '.$this->component;
    }

    /** As somebody sees it who is not told what is wrong with the vehicle. */
    public function withoutDefect(): self
    {
        return new self(
            $this->id, $this->component, $this->name, $this->position, $this->place, $this->section, $this->essential,
            $this->further, $this->points, $this->weight, $this->figures, $this->say, $this->drive, $this->rank,
            $this->credit, $this->bonus, $this->twoSided, $this->parts, $this->fitted, null, $this->light,
        );
    }
}
