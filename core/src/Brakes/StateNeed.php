<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

use Pasada\Core\Brakes\Judging\Situation;

/** A state of the cab without which a step proves nothing or is not safe. */
enum StateNeed: string
{
    case Chocked = 'chocks-in';
    case Unchocked = 'chocks-out';
    case BeltOn = 'belt-on';
    case EngineOn = 'engine-on';
    case EngineOff = 'engine-off';
    case KeyOn = 'key-on';
    case ValvesIn = 'valves-in';
    case ValvesOut = 'valves-out';
    case LowGear = 'low-gear';
    case Neutral = 'neutral';
    case ClutchDown = 'clutch-down';
    case PedalDown = 'pedal-down';
    case HandValveOn = 'hand-valve-on';
    case ParkingBrakeSet = 'parking-brake-set';
    case ParkingBrakeReleased = 'parking-brake-released';
    case Pumped = 'pumped';
    /** The engine at least as fast as the step says. */
    case Rpm = 'rpm';

    /** What an engine turns at where nobody noted it. */
    private const IDLE_RPM = 600.0;

    /** What is wrong where the need is not met; null where it is. */
    public function wrongIn(Situation $situation, bool $combination, float $leastRpm): ?string
    {
        $rpm = $situation->rpm > 0 ? $situation->rpm : self::IDLE_RPM;

        return match ($this) {
            self::Chocked => $situation->chocked ? null : 'the wheels were not chocked while the brakes were released',
            self::Unchocked => $situation->chocked ? 'the chocks were still in' : null,
            self::BeltOn => $situation->belt ? null : 'the seat belt was not on',
            self::EngineOn => $situation->engine ? null : 'the engine was off',
            self::EngineOff => $situation->engine ? 'the engine was running: the compressor hides a leak' : null,
            self::KeyOn => $situation->key ? null : 'the key was off',
            self::ValvesIn => match (true) {
                ! $situation->tractorIn => 'the tractor valve was never released',
                $combination && ! $situation->trailerIn => 'the trailer valve was never released',
                default => null,
            },
            self::ValvesOut => match (true) {
                $situation->tractorIn => 'the tractor valve was still in',
                $combination && $situation->trailerIn => 'the trailer valve was still in',
                default => null,
            },
            self::LowGear => $situation->gear === 'low' ? null : 'not in low gear',
            self::Neutral => $situation->gear === 'neutral' ? null : 'not in neutral',
            self::ClutchDown => $situation->clutchDown ? null : 'the clutch was not down',
            self::PedalDown => $situation->pedalDown ? null : 'the pedal was not down',
            self::HandValveOn => $situation->handOn ? null : 'the hand valve was not on',
            self::ParkingBrakeSet => $situation->parked ? null : 'the parking brake was not set',
            self::ParkingBrakeReleased => $situation->parked ? 'the parking brake was still set' : null,
            self::Pumped => $situation->pumped ? null : 'the pedal was not pumped first',
            self::Rpm => match (true) {
                ! $situation->engine => 'the engine was off',
                $rpm < $leastRpm => sprintf(
                    'the engine turned at %s rpm, at least %s asked',
                    ShortNumber::of($rpm),
                    ShortNumber::of($leastRpm),
                ),
                default => null,
            },
        };
    }

    /** What it comes to on a vehicle whose parking brake is no valve; null where there is nothing like it. */
    public function withoutValves(): ?self
    {
        return match ($this) {
            self::ValvesIn => self::ParkingBrakeReleased,
            self::ValvesOut => self::ParkingBrakeSet,
            self::HandValveOn => null,
            default => $this,
        };
    }

    /** As it is called where it can be chosen, whatever the vehicle. */
    public function name(): string
    {
        return match ($this) {
            self::ValvesIn => 'valves in',
            self::ValvesOut => 'valves out',
            self::Rpm => 'engine speed',
            default => $this->label(false, 0.0),
        };
    }

    public function label(bool $combination, float $leastRpm): string
    {
        return match ($this) {
            self::Chocked => 'wheels chocked',
            self::Unchocked => 'chocks out',
            self::BeltOn => 'belt on',
            self::EngineOn => 'engine running',
            self::EngineOff => 'engine off',
            self::KeyOn => 'key on',
            self::ValvesIn => $combination ? 'both valves in' : 'valve in',
            self::ValvesOut => $combination ? 'both valves out' : 'valve out',
            self::LowGear => 'low gear',
            self::Neutral => 'neutral',
            self::ClutchDown => 'clutch down',
            self::PedalDown => 'pedal down',
            self::HandValveOn => 'hand valve on',
            self::ParkingBrakeSet => 'parking brake set',
            self::ParkingBrakeReleased => 'parking brake released',
            self::Pumped => 'pedal pumped three times',
            self::Rpm => sprintf('at least %s rpm', ShortNumber::of($leastRpm)),
        };
    }
}
