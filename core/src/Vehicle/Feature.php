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
    /** What a vehicle file, or a unit of it, lists under `equipment`. */
    private const EQUIPMENT = [
        self::SlidingFifthWheel, self::SlidingTandem, self::AirHorn, self::HandValve, self::TrailerAbsLamp,
        self::HoodMirrors, self::Fairings, self::ExhaustFluidTank, self::CabGuard, self::Catwalk,
        self::DummyCouplers, self::SideDoors, self::BodyGear, self::SpareRack, self::Liftgate, self::Ramps,
        self::TieDowns, self::DetachableGooseneck, self::Tarp, self::TankBaffles, self::BaggageDoors,
        self::CrossingGate,
    ];

    /** Of these, what a tractor or a dolly cannot have: it is on what carries the load. */
    private const ON_BODIES = [
        self::SlidingTandem, self::TrailerAbsLamp, self::SideDoors, self::BodyGear, self::SpareRack, self::Liftgate,
        self::Ramps, self::TieDowns, self::DetachableGooseneck, self::Tarp, self::TankBaffles, self::BaggageDoors,
        self::CrossingGate,
    ];

    /** Of these, what nobody expects on a vehicle that is not said to have it: a liftgate is not waved at a tank. */
    private const ONLY_WHERE_SAID = [
        self::Liftgate, self::Ramps, self::TieDowns, self::DetachableGooseneck, self::Tarp, self::TankBaffles,
        self::BaggageDoors, self::CrossingGate,
    ];

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
    case AtSteerAxle = 'axle:steer';
    case AtDriveAxle = 'axle:drive';
    case AtTrailerAxle = 'axle:trailer';
    case LiftAxle = 'axle:lift';
    case SteerableAxle = 'axle:steerable';
    case BrakedByAir = 'braked-by:air';
    case BrakedByFluid = 'braked-by:fluid';
    case BrakedByElectricity = 'braked-by:electricity';

    case BodyContainerChassis = 'body:container-chassis';
    case BodyVan = 'body:van';
    case BodyRefrigerated = 'body:refrigerated';
    case BodyHopper = 'body:hopper';
    case BodyFlatbed = 'body:flatbed';
    case BodyTanker = 'body:tanker';
    case BodyBus = 'body:bus';
    case BodyStakeBed = 'body:stake-bed';
    case BodyDump = 'body:dump';
    case BodyLowboy = 'body:lowboy';
    case BodySchoolBus = 'body:school-bus';
    case SwingDoors = 'doors:swing';
    case RollUpDoors = 'doors:roll-up';

    case AirBrakes = 'system:air';
    case HydraulicBrakes = 'system:hydraulic';
    case AirOverHydraulicBrakes = 'system:air-over-hydraulic';
    case TrailerAir = 'trailer-air';
    case BreakawaySwitch = 'breakaway-switch';
    case FifthWheel = 'coupling:fifth-wheel';
    case PintleHook = 'coupling:pintle-hook';
    case HitchBall = 'coupling:ball';
    case Gooseneck = 'coupling:gooseneck';
    case Trailer = 'trailer';
    case Semitrailer = 'semitrailer';
    case DrawbarTrailer = 'drawbar-trailer';
    case Dolly = 'dolly';
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
    case Liftgate = 'liftgate';
    case Ramps = 'ramps';
    case TieDowns = 'tie-downs';
    case DetachableGooseneck = 'detachable-gooseneck';
    case Tarp = 'tarp';
    case TankBaffles = 'tank-baffles';
    case BaggageDoors = 'baggage-doors';
    case CrossingGate = 'crossing-gate';

    /** As it is read behind "only with". */
    public function label(): string
    {
        return match ($this) {
            self::SpringSuspension => 'spring suspension',
            self::AirSuspension => 'air suspension',
            self::DrumBrakes => 'drum brakes',
            self::DiscBrakes => 'disc brakes',
            self::DualWheels => 'dual wheels',
            self::SingleWheels => 'single wheels',
            self::HubSeal => 'an oil-filled hub',
            self::AxleSeal => 'an axle seal',
            self::AutoInflation => 'automatic tire inflation',
            self::HubMeter => 'a hub meter',
            self::AtSteerAxle => 'the steer axle',
            self::AtDriveAxle => 'a drive axle',
            self::AtTrailerAxle => 'a trailer axle',
            self::LiftAxle => 'a lift axle',
            self::SteerableAxle => 'a steerable axle',
            self::BrakedByAir => 'air brakes at the axle',
            self::BrakedByFluid => 'hydraulic brakes at the axle',
            self::BrakedByElectricity => 'electric brakes at the axle',
            self::BodyContainerChassis => 'a container chassis',
            self::BodyVan => 'a van body',
            self::BodyRefrigerated => 'a refrigerated body',
            self::BodyHopper => 'a hopper body',
            self::BodyFlatbed => 'a flatbed',
            self::BodyTanker => 'a tank',
            self::BodyBus => 'a bus body',
            self::BodyStakeBed => 'a stake bed',
            self::BodyDump => 'a dump bed',
            self::BodyLowboy => 'a lowboy deck',
            self::BodySchoolBus => 'a school bus body',
            self::SwingDoors => 'swing doors',
            self::RollUpDoors => 'a roll-up door',
            self::AirBrakes => 'air brakes',
            self::HydraulicBrakes => 'hydraulic brakes',
            self::AirOverHydraulicBrakes => 'air-over-hydraulic brakes',
            self::TrailerAir => 'trailer air brakes',
            self::BreakawaySwitch => 'a trailer that brakes by itself',
            self::FifthWheel => 'a fifth wheel coupling',
            self::PintleHook => 'a pintle hook',
            self::HitchBall => 'a hitch ball',
            self::Gooseneck => 'a gooseneck coupler',
            self::Trailer => 'a trailer',
            self::Semitrailer => 'a semitrailer',
            self::DrawbarTrailer => 'a trailer with a drawbar',
            self::Dolly => 'a converter dolly',
            self::StraightTruck => 'a straight truck',
            self::Bus => 'a bus',
            self::ManualTransmission => 'a manual transmission',
            self::AutomaticTransmission => 'an automatic transmission',
            self::BeltAlternator => 'a belt-driven alternator',
            self::GearAlternator => 'a gear-driven alternator',
            self::BeltWaterPump => 'a belt-driven water pump',
            self::GearWaterPump => 'a gear-driven water pump',
            self::BeltAirCompressor => 'a belt-driven air compressor',
            self::GearAirCompressor => 'a gear-driven air compressor',
            self::BeltSteeringPump => 'a belt-driven steering pump',
            self::GearSteeringPump => 'a gear-driven steering pump',
            self::SlidingFifthWheel => 'a sliding fifth wheel',
            self::SlidingTandem => 'a sliding tandem',
            self::AirHorn => 'an air horn',
            self::HandValve => 'a trailer hand valve',
            self::TrailerAbsLamp => 'a trailer ABS lamp',
            self::HoodMirrors => 'hood mirrors',
            self::Fairings => 'fairings',
            self::ExhaustFluidTank => 'a DEF tank',
            self::CabGuard => 'a headache rack',
            self::Catwalk => 'a catwalk',
            self::DummyCouplers => 'dummy couplers',
            self::SideDoors => 'side doors',
            self::BodyGear => 'body gear',
            self::SpareRack => 'a spare tire rack',
            self::Liftgate => 'a liftgate',
            self::Ramps => 'loading ramps',
            self::TieDowns => 'chains and binders',
            self::DetachableGooseneck => 'a detachable gooseneck',
            self::Tarp => 'a tarp',
            self::TankBaffles => 'baffles in the tank',
            self::BaggageDoors => 'baggage doors',
            self::CrossingGate => 'a crossing gate',
        };
    }

    /** Features a vehicle file lists under `equipment`; the others follow from axles, body, doors and drives. */
    public function isEquipment(): bool
    {
        return in_array($this, self::EQUIPMENT, true);
    }

    public function isOnBody(): bool
    {
        return in_array($this, self::ON_BODIES, true);
    }

    /** What one vehicle of a kind may have and the next may not. */
    public function isOptional(): bool
    {
        return ($this->isEquipment() && ! in_array($this, self::ONLY_WHERE_SAID, true)) ||
            $this === self::AutoInflation || $this === self::HubMeter;
    }
}
