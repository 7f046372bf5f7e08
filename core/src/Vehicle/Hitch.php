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

    public function feature(): Feature
    {
        return Feature::from('coupling:'.$this->value);
    }
}
