<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

/** Where on or in the vehicle a stop of the walk lies; the drawing hangs its places on these. */
enum Zone: string
{
    case Cab = 'cab';
    case Brakes = 'brakes';
    case Front = 'front';
    case EngineRight = 'engine-right';
    case EngineLeft = 'engine-left';
    case Axle = 'axle';
    case Side = 'side';
    case RearCab = 'rear-cab';
    case Coupling = 'coupling';
    case RearTractor = 'rear-tractor';
    case TrailerFront = 'trailer-front';
    case TrailerSide = 'trailer-side';
    case TrailerAxle = 'trailer-axle';
    case TrailerRear = 'trailer-rear';

    /** Whether it lies at a body or a trailer, of which a vehicle may have several. */
    public function isAtBody(): bool
    {
        return match ($this) {
            self::TrailerFront, self::TrailerSide, self::TrailerAxle, self::TrailerRear => true,
            self::Cab, self::Brakes, self::Front, self::EngineRight, self::EngineLeft, self::Axle, self::Side,
            self::RearCab, self::Coupling, self::RearTractor => false,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Cab => 'In the cab',
            self::Brakes => 'At the brake tests',
            self::Front => 'In front of the vehicle',
            self::EngineRight => 'Engine, right side',
            self::EngineLeft => 'Engine, left side',
            self::Axle => 'At an axle',
            self::Side => 'Side of the tractor or truck',
            self::RearCab => 'Behind the cab',
            self::Coupling => 'At the coupling',
            self::RearTractor => 'Rear of the tractor or truck',
            self::TrailerFront => 'Front of the trailer or body',
            self::TrailerSide => 'Side of the trailer or body',
            self::TrailerAxle => 'Near the trailer axles',
            self::TrailerRear => 'Rear of the trailer or body',
        };
    }
}
