<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

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
    case LowGear = 'low-gear';

    /** What is wrong where the need is not met; null where it is. */
    public function wrongIn(Situation $situation, bool $combination): ?string
    {
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
            self::LowGear => $situation->gear === 'low' ? null : 'not in low gear',
        };
    }

    public function label(bool $combination): string
    {
        return match ($this) {
            self::Chocked => 'wheels chocked',
            self::Unchocked => 'chocks out',
            self::BeltOn => 'belt on',
            self::EngineOn => 'engine running',
            self::EngineOff => 'engine off',
            self::KeyOn => 'key on',
            self::ValvesIn => $combination ? 'both valves in' : 'valve in',
            self::LowGear => 'low gear',
        };
    }
}
