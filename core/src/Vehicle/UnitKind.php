<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What a unit of the vehicle is: something that drives, or something that is pulled. */
enum UnitKind: string
{
    case DayCabTractor = 'day-cab-tractor';
    case SleeperTractor = 'sleeper-tractor';
    case StraightTruck = 'straight-truck';
    case Bus = 'bus';
    case Semitrailer = 'semitrailer';
    /** Carries its own weight and is pulled by a drawbar or a gooseneck on a ball. */
    case DrawbarTrailer = 'drawbar-trailer';
    /** An axle with a fifth wheel and a drawbar, which makes a trailer of a semitrailer. */
    case Dolly = 'dolly';

    public function isPowered(): bool
    {
        return match ($this) {
            self::DayCabTractor, self::SleeperTractor, self::StraightTruck, self::Bus => true,
            self::Semitrailer, self::DrawbarTrailer, self::Dolly => false,
        };
    }

    public function isTractor(): bool
    {
        return $this === self::DayCabTractor || $this === self::SleeperTractor;
    }

    /** Whether it carries a load or people, and so has a body with sides, a rear and lights of its own. */
    public function isLoaded(): bool
    {
        return ! $this->isTractor() && $this !== self::Dolly;
    }

    /** As it is read: "day-cab tractor". */
    public function label(): string
    {
        return match ($this) {
            self::DayCabTractor => 'day-cab tractor',
            self::SleeperTractor => 'sleeper tractor',
            self::StraightTruck => 'straight truck',
            self::Bus => 'bus',
            self::Semitrailer => 'semitrailer',
            self::DrawbarTrailer => 'trailer with a drawbar',
            self::Dolly => 'converter dolly',
        };
    }

    /** @return list<Hitch> by what it can be coupled to the unit in front; none for what drives */
    public function hitches(): array
    {
        return match ($this) {
            self::Semitrailer => [Hitch::FifthWheel],
            self::DrawbarTrailer => [Hitch::PintleHook, Hitch::Ball, Hitch::Gooseneck],
            self::Dolly => [Hitch::PintleHook],
            self::DayCabTractor, self::SleeperTractor, self::StraightTruck, self::Bus => [],
        };
    }

    /** Whether it can be pulled by the unit in front of it. */
    public function canFollow(self $front): bool
    {
        return match ($this) {
            self::Semitrailer => $front->isTractor() || $front === self::Dolly || $front === self::Semitrailer,
            self::DrawbarTrailer => $front->isLoaded(),
            self::Dolly => $front === self::Semitrailer || $front === self::StraightTruck,
            self::DayCabTractor, self::SleeperTractor, self::StraightTruck, self::Bus => false,
        };
    }

    /** @return list<self> */
    public function pulledBy(): array
    {
        return array_values(array_filter(self::cases(), $this->canFollow(...)));
    }

    /** @return list<Feature> what a vehicle has because it has a unit of this kind */
    public function features(): array
    {
        return match ($this) {
            self::DayCabTractor, self::SleeperTractor => [],
            self::StraightTruck => [Feature::StraightTruck],
            self::Bus => [Feature::Bus],
            self::Semitrailer => [Feature::Trailer, Feature::Semitrailer],
            self::DrawbarTrailer => [Feature::Trailer, Feature::DrawbarTrailer],
            self::Dolly => [Feature::Dolly],
        };
    }
}
