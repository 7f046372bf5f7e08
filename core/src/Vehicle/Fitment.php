<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/**
 * What parts of the catalogue are fitted to by their nature, whatever a checklist says of them: nobody is asked for a
 * king pin at a pintle hook, or for a slack adjuster at a hydraulic brake.
 *
 * Sources: 49 CFR 393.40 to 393.52 (brakes), 393.43 (breakaway), 393.70 (coupling), 393.100 to 393.136 (securing of
 * cargo), 571.131 and 571.217 (school bus, emergency exits); commercial driver manual, vehicle inspection and
 * hydraulic brakes.
 */
final readonly class Fitment
{
    private const AIR = [Feature::AirBrakes];

    /** Compressor, tanks and gauges; with air over hydraulic brakes, too. */
    private const AIR_SUPPLY = [Feature::AirBrakes, Feature::AirOverHydraulicBrakes];

    private const FLUID = [Feature::HydraulicBrakes, Feature::AirOverHydraulicBrakes];

    private const ON_BALL = [Feature::HitchBall, Feature::Gooseneck];

    private const BY_DRAWBAR = [Feature::PintleHook, Feature::HitchBall, Feature::Gooseneck];

    /** Every entry must be met, each by any one of its features. */
    private const NEEDS = [
        'cab.air_gauge' => [self::AIR_SUPPLY],
        'engine.air_compressor' => [self::AIR_SUPPLY],
        'engine.air_governor' => [self::AIR_SUPPLY],
        'engine.main_air_line' => [self::AIR_SUPPLY],
        'tractor.air_tanks' => [self::AIR_SUPPLY],
        'test.governor' => [self::AIR_SUPPLY],
        'test.build_rate' => [self::AIR_SUPPLY],
        'test.low_air' => [self::AIR_SUPPLY],
        'test.leak_applied' => [self::AIR],
        'test.spring_pop' => [self::AIR],
        'test.park_tractor' => [self::AIR],
        'test.park_trailer' => [[Feature::TrailerAir]],
        'test.trailer_service' => [[Feature::TrailerAir]],
        'lines.air_lines' => [[Feature::TrailerAir]],
        'lines.glad_hands' => [[Feature::TrailerAir]],
        'lines.protection_valve' => [[Feature::TrailerAir]],
        'brake.chamber' => [[Feature::BrakedByAir]],
        'brake.push_rod' => [[Feature::BrakedByAir], [Feature::DrumBrakes]],
        'brake.slack_adjuster' => [[Feature::BrakedByAir], [Feature::DrumBrakes]],
        'trailer.air_tank' => [[Feature::TrailerAir]],
        'cab.ind_brake' => [self::FLUID],
        'brake.fluid' => [self::FLUID],
        'brake.master_cylinder' => [self::FLUID],
        'brake.booster' => [[Feature::HydraulicBrakes]],
        'brake.air_hydraulic' => [[Feature::AirOverHydraulicBrakes]],
        'brake.caliper' => [[Feature::BrakedByFluid]],
        'tractor.parking_brake' => [self::FLUID],
        'test.pedal_hold' => [self::FLUID],
        'test.park_brake' => [self::FLUID],
        'coupling.apron' => [[Feature::FifthWheel]],
        'coupling.gap' => [[Feature::FifthWheel]],
        'coupling.skid_plate' => [[Feature::FifthWheel]],
        'coupling.platform' => [[Feature::FifthWheel]],
        'coupling.mounting_bolts' => [[Feature::FifthWheel]],
        'coupling.slide_rail' => [[Feature::FifthWheel]],
        'coupling.slider_pins' => [[Feature::FifthWheel]],
        'coupling.slider_line' => [[Feature::FifthWheel]],
        'coupling.release_arm' => [[Feature::FifthWheel]],
        'coupling.safety_latch' => [[Feature::FifthWheel]],
        'coupling.locking_jaws' => [[Feature::FifthWheel]],
        'coupling.king_pin' => [[Feature::FifthWheel]],
        'coupling.swing_clearance' => [[Feature::FifthWheel], [Feature::Semitrailer]],
        'coupling.pintle_hook' => [[Feature::PintleHook]],
        'coupling.pintle_latch' => [[Feature::PintleHook]],
        'coupling.drawbar_eye' => [[Feature::PintleHook]],
        'coupling.drawbar' => [[Feature::PintleHook, Feature::HitchBall]],
        'coupling.ball' => [self::ON_BALL],
        'coupling.ball_coupler' => [self::ON_BALL],
        'coupling.gooseneck' => [[Feature::Gooseneck]],
        'coupling.safety_chains' => [self::BY_DRAWBAR],
        'coupling.breakaway' => [[Feature::BreakawaySwitch]],
        'coupling.jack' => [[Feature::DrawbarTrailer], self::BY_DRAWBAR],
        'coupling.shut_off_valves' => [[Feature::Dolly], [Feature::PintleHook]],
        'dolly.frame' => [[Feature::Dolly]],
        'dolly.leg' => [[Feature::Dolly]],
        'dolly.air_tank' => [[Feature::Dolly], [Feature::TrailerAir]],
        'trailer.landing_gear' => [[Feature::Semitrailer]],
        'trailer.landing_crank' => [[Feature::Semitrailer]],
        'trailer.liftgate' => [[Feature::Liftgate]],
        'trailer.ramps' => [[Feature::Ramps]],
        'trailer.tie_downs' => [[Feature::TieDowns]],
        'trailer.gooseneck_lock' => [[Feature::DetachableGooseneck]],
        'body.dump_bed' => [[Feature::BodyDump]],
        'body.hoist' => [[Feature::BodyDump]],
        'body.tailgate' => [[Feature::BodyDump]],
        'body.tarp' => [[Feature::Tarp]],
        'tank.shell' => [[Feature::BodyTanker]],
        'tank.manholes' => [[Feature::BodyTanker]],
        'tank.valves' => [[Feature::BodyTanker]],
        'tank.baffles' => [[Feature::TankBaffles], [Feature::BodyTanker]],
        'bus.entry_door' => [[Feature::Bus]],
        'bus.handrails' => [[Feature::Bus]],
        'bus.seats' => [[Feature::Bus]],
        'bus.emergency_exits' => [[Feature::Bus]],
        'bus.baggage' => [[Feature::BaggageDoors]],
        'bus.first_aid' => [[Feature::BodySchoolBus]],
        'bus.stop_arm' => [[Feature::BodySchoolBus]],
        'bus.student_lights' => [[Feature::BodySchoolBus]],
        'bus.student_mirrors' => [[Feature::BodySchoolBus]],
        'bus.crossing_gate' => [[Feature::CrossingGate]],
        'susp.lift_axle' => [[Feature::LiftAxle]],
        'susp.steer_linkage' => [[Feature::SteerableAxle]],
    ];

    /** Likewise for single points of a part, by code. */
    private const POINT_NEEDS = [
        // Parking valves are pulled out; a hydraulic truck has none.
        'cab.safe_start' => ['locked' => [self::AIR]],
    ];

    /** What nearly every vehicle in training has, a tractor with a semitrailer and air brakes. */
    private const USUAL = [
        Feature::AirBrakes, Feature::TrailerAir, Feature::FifthWheel, Feature::Trailer, Feature::Semitrailer,
        Feature::BrakedByAir, Feature::DrumBrakes,
    ];

    /** Whether it is no part of rarer vehicles only. */
    public static function isUsual(string $component): bool
    {
        return FeatureSet::of(...self::USUAL)->meets(self::of($component));
    }

    /** Whether this vehicle, or one of its axles, may have it. */
    public static function isOn(string $component, Vehicle $vehicle): bool
    {
        foreach ([$vehicle->features, ...$vehicle->featuresAt(...$vehicle->axles())] as $features) {
            if ($features->meets(self::of($component))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<non-empty-list<Feature>> none where it may be on any vehicle */
    public static function of(string $component): array
    {
        return self::NEEDS[$component] ?? [];
    }

    /** @return array<string, list<non-empty-list<Feature>>> by code of the point */
    public static function ofPoints(string $component): array
    {
        return self::POINT_NEEDS[$component] ?? [];
    }
}
