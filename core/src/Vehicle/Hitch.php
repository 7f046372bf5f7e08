<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** By what a unit is coupled to the one in front of it. */
enum Hitch: string
{
    case FifthWheel = 'fifth-wheel';
    case PintleHook = 'pintle-hook';
    case Ball = 'ball';
    case Gooseneck = 'gooseneck';

    /** As it is read: "pintle hook". */
    public function label(): string
    {
        return match ($this) {
            self::FifthWheel => 'fifth wheel',
            self::PintleHook => 'pintle hook',
            self::Ball => 'hitch ball',
            self::Gooseneck => 'gooseneck ball',
        };
    }

    /**
     * How far the front of what is pulled usually lies over what pulls it, in feet; under nought is a gap. Usual
     * ones of the trade, for the drawing: the fifth wheel stands over the drive axles, a gooseneck's ball in the bed.
     */
    public function overFeet(): int
    {
        return match ($this) {
            self::FifthWheel => 6,
            self::Gooseneck => 7,
            self::PintleHook, self::Ball => -1,
        };
    }

    public function feature(): Feature
    {
        return Feature::from('coupling:'.$this->value);
    }
}
