<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Vehicle\AxleGroup;

/** Where on the vehicle an item is: which axle, which side, or neither. */
final readonly class Position
{
    private function __construct(
        public ?AxleGroup $group,
        /** Id of the axle, or of its group where a tandem is asked as one; null off the axles. */
        public ?string $axle,
        public ?Side $side,
    ) {}

    public static function anywhere(): self
    {
        return new self(null, null, null);
    }

    public static function atAxle(AxleGroup $group, string $axle): self
    {
        return new self($group, $axle, null);
    }

    public function onSide(Side $side): self
    {
        return new self($this->group, $this->axle, $side);
    }

    /** As in an item's id: "", "steer", "left", "drive-2.right". */
    public function key(): string
    {
        return match (true) {
            $this->side === null => $this->axle ?? '',
            $this->axle === null => $this->side->value,
            default => $this->axle.'.'.$this->side->value,
        };
    }

    /** As it is read: "", "steer axle", "drive axle 2, right side". */
    public function label(): string
    {
        return implode(
            ', ',
            array_filter(
                [$this->axleLabel(), $this->side === null ? '' : $this->side->value.' side'],
                static fn (string $part): bool => $part !== '',
            ),
        );
    }

    /** "steer axle", "drive axle 2"; empty off the axles. */
    public function axleLabel(): string
    {
        if ($this->group === null || $this->axle === null) {
            return '';
        }
        $number = ltrim(substr($this->axle, strlen($this->group->value)), '-');

        return $this->group->label().($number === '' ? '' : ' '.$number);
    }
}
