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

    public function feature(): Feature
    {
        return Feature::from('coupling:'.$this->value);
    }
}
