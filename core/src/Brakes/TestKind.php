<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** What is done in a brake test, and with it what can hurt somebody. */
enum TestKind
{
    /** Pressure is built up or fanned down, and the system answers by itself. */
    case Pressure;
    /** A minute in which nothing is touched. */
    case Leak;
    /** A pedal that must not give way. */
    case Hold;
    /** A gentle pull against one brake. */
    case Tug;
    /** A stop from walking speed. */
    case Stop;

    /** What can hurt somebody, and is no state of the cab. */
    public function caution(): string
    {
        return match ($this) {
            self::Pressure, self::Hold => 'wheels chocked while brakes are released',
            self::Leak => 'nobody under the vehicle',
            self::Tug, self::Stop => 'area clear',
        };
    }
}
