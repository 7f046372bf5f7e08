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
}
