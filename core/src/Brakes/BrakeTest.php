<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

use Pasada\Core\Brakes\Tests\BuildUp;
use Pasada\Core\Brakes\Tests\CutIn;
use Pasada\Core\Brakes\Tests\CutOut;
use Pasada\Core\Brakes\Tests\LeakApplied;
use Pasada\Core\Brakes\Tests\LeakReleased;
use Pasada\Core\Brakes\Tests\LowAir;
use Pasada\Core\Brakes\Tests\ParkBrake;
use Pasada\Core\Brakes\Tests\PedalHold;
use Pasada\Core\Brakes\Tests\Procedure;
use Pasada\Core\Brakes\Tests\ServiceBrake;
use Pasada\Core\Brakes\Tests\SpringBrakes;
use Pasada\Core\Brakes\Tests\TugHandValve;
use Pasada\Core\Brakes\Tests\TugTractor;
use Pasada\Core\Brakes\Tests\TugTrailer;

/** The list of the brake tests, each with its id. All that is particular to one is in its class. */
enum BrakeTest: string
{
    case CutOut = 'cut-out';
    case CutIn = 'cut-in';
    case BuildUp = 'build-up';
    case LeakApplied = 'leak-applied';
    case LeakReleased = 'leak-released';
    case LowAir = 'low-air';
    case SpringPop = 'spring-pop';
    case TugTractor = 'tug-tractor';
    case TugTrailer = 'tug-trailer';
    case TugHand = 'tug-hand';
    case Service = 'service';
    case PedalHold = 'pedal-hold';
    case ParkBrake = 'park-brake';

    public function procedure(): Procedure
    {
        return match ($this) {
            self::CutOut => new CutOut,
            self::CutIn => new CutIn,
            self::BuildUp => new BuildUp,
            self::LeakApplied => new LeakApplied,
            self::LeakReleased => new LeakReleased,
            self::LowAir => new LowAir,
            self::SpringPop => new SpringBrakes,
            self::TugTractor => new TugTractor,
            self::TugTrailer => new TugTrailer,
            self::TugHand => new TugHandValve,
            self::Service => new ServiceBrake,
            self::PedalHold => new PedalHold,
            self::ParkBrake => new ParkBrake,
        };
    }

    public function label(): string
    {
        return $this->procedure()->label();
    }

    /** Component of the catalogue that the test is scored as; null where the catalogue has none. */
    public function component(): ?string
    {
        return $this->procedure()->component();
    }

    /** @return list<string> components of all tests of a kind */
    public static function componentsOf(TestKind $kind): array
    {
        $of = array_filter(self::cases(), static fn (self $test): bool => $test->procedure()->kind() === $kind);

        return array_values(
            array_filter(array_map(static fn (self $test): ?string => $test->component(), $of), is_string(...)),
        );
    }

    /** @return list<self> the tests that are scored as a component */
    public static function scoredAs(string $component): array
    {
        return array_values(
            array_filter(self::cases(), static fn (self $test): bool => $test->component() === $component),
        );
    }
}
