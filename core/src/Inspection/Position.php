<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Lights\LightPart;
use Pasada\Core\Vehicle\AxleGroup;
use Pasada\Core\Vehicle\Unit;

/** Where on the vehicle an item is: which axle, which unit, which side, or none of them. */
final readonly class Position
{
    private function __construct(
        public ?AxleGroup $group,
        /** Id of the axle, or of its span where a tandem is asked as one; null off the axles. */
        public ?string $axle,
        public ?Side $side,
        /** Id of the unit, off the axles of a vehicle on which each unit is asked; else null. */
        public ?string $unit,
        /** The axle or unit as it is read; empty where it is neither. */
        private string $where,
        /** A part of the light check, as in an item's id. */
        private ?string $light = null,
    ) {}

    public static function anywhere(): self
    {
        return new self(null, null, null, null, '');
    }

    public static function atAxle(AxleGroup $group, string $axle, string $label): self
    {
        return new self($group, $axle, null, null, $label);
    }

    public static function atUnit(Unit $unit): self
    {
        return new self(null, null, null, $unit->id, $unit->label);
    }

    public static function ofLight(LightPart $part): self
    {
        return new self(null, null, null, null, $part->where(), $part->key());
    }

    public function onSide(Side $side): self
    {
        return new self($this->group, $this->axle, $side, $this->unit, $this->where, $this->light);
    }

    /** The axle, the unit or the light, whichever tells the part from others of its kind; empty where nothing does. */
    public function spot(): string
    {
        return $this->axle ?? $this->unit ?? $this->light ?? '';
    }

    /** As in an item's id: "", "steer", "left", "drive-2.right", "second-trailer", "left-turn.front". */
    public function key(): string
    {
        return match (true) {
            $this->side === null => $this->spot(),
            $this->spot() === '' => $this->side->value,
            default => $this->spot().'.'.$this->side->value,
        };
    }

    /** As it is read: "", "steer axle", "drive axle 2, right side", "second trailer". */
    public function label(): string
    {
        return implode(
            ', ',
            array_filter(
                [$this->where, $this->side === null ? '' : $this->side->value.' side'],
                static fn (string $part): bool => $part !== '',
            ),
        );
    }

    /** "steer axle", "drive axle 2"; empty off the axles. */
    public function axleLabel(): string
    {
        return $this->axle === null ? '' : $this->where;
    }
}
