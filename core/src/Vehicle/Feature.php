<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/**
 * What a vehicle or one of its axles may have and a checklist may ask for.
 *
 * A checklist names these in `needs`; what the vehicle does not have is not asked. Axle features hold for the
 * axle at hand, the others for the whole vehicle.
 */
enum Feature: string
{
    case SpringSuspension = 'suspension:spring';
    case AirSuspension = 'suspension:air';
    case DrumBrakes = 'brakes:drum';
    case DiscBrakes = 'brakes:disc';
    case DualWheels = 'wheels:dual';
    case SingleWheels = 'wheels:single';
    case HubSeal = 'hub:hub-seal';
    case AxleSeal = 'hub:axle-seal';
    case AutoInflation = 'axle:auto-inflation';
    case HubMeter = 'axle:hub-meter';

    case BodyContainerChassis = 'body:container-chassis';
    case BodyVan = 'body:van';
    case BodyRefrigerated = 'body:refrigerated';
    case BodyHopper = 'body:hopper';
    case BodyFlatbed = 'body:flatbed';
    case BodyTanker = 'body:tanker';
    case BodyBus = 'body:bus';
    case BodyStakeBed = 'body:stake-bed';
    case SwingDoors = 'doors:swing';
    case RollUpDoors = 'doors:roll-up';

    case Trailer = 'trailer';
    case StraightTruck = 'straight-truck';
    case Bus = 'bus';
    case ManualTransmission = 'transmission:manual';
    case AutomaticTransmission = 'transmission:automatic';
    case BeltAlternator = 'alternator:belt';
    case GearAlternator = 'alternator:gear';
    case BeltWaterPump = 'water-pump:belt';
    case GearWaterPump = 'water-pump:gear';
    case BeltAirCompressor = 'air-compressor:belt';
    case GearAirCompressor = 'air-compressor:gear';
    case BeltSteeringPump = 'steering-pump:belt';
    case GearSteeringPump = 'steering-pump:gear';

    case SlidingFifthWheel = 'sliding-fifth-wheel';
    case SlidingTandem = 'sliding-tandem';
    case AirHorn = 'air-horn';
    case HandValve = 'hand-valve';
    case TrailerAbsLamp = 'trailer-abs-lamp';
    case HoodMirrors = 'hood-mirrors';
    case Fairings = 'fairings';
    case ExhaustFluidTank = 'exhaust-fluid-tank';
    case CabGuard = 'cab-guard';
    case Catwalk = 'catwalk';
    case DummyCouplers = 'dummy-couplers';
    case SideDoors = 'side-doors';
    case BodyGear = 'body-gear';
    case SpareRack = 'spare-rack';

    /** Features a vehicle file lists under `equipment`; the others follow from axles, body, doors and drives. */
    public function isEquipment(): bool
    {
        return match ($this) {
            self::SlidingFifthWheel, self::SlidingTandem, self::AirHorn, self::HandValve, self::TrailerAbsLamp,
            self::HoodMirrors, self::Fairings, self::ExhaustFluidTank, self::CabGuard, self::Catwalk,
            self::DummyCouplers, self::SideDoors, self::BodyGear, self::SpareRack => true,
            self::SpringSuspension, self::AirSuspension, self::DrumBrakes, self::DiscBrakes, self::DualWheels,
            self::SingleWheels, self::HubSeal, self::AxleSeal, self::AutoInflation, self::HubMeter,
            self::BodyContainerChassis, self::BodyVan, self::BodyRefrigerated, self::BodyHopper, self::BodyFlatbed,
            self::BodyTanker, self::BodyBus, self::BodyStakeBed, self::Bus, self::SwingDoors, self::RollUpDoors,
            self::Trailer, self::StraightTruck, self::ManualTransmission, self::AutomaticTransmission,
            self::BeltAlternator, self::GearAlternator, self::BeltWaterPump, self::GearWaterPump,
            self::BeltAirCompressor, self::GearAirCompressor, self::BeltSteeringPump, self::GearSteeringPump => false,
        };
    }

    /** What one vehicle of a kind may have and the next may not. */
    public function isOptional(): bool
    {
        return $this->isEquipment() || $this === self::AutoInflation || $this === self::HubMeter;
    }
}
