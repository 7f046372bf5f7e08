<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** The brake tests that are known in use. */
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

    /** Component of the catalogue that the test is scored as; null where the catalogue has none. */
    public function component(): ?string
    {
        return match ($this) {
            self::CutOut, self::CutIn => 'test.governor',
            self::BuildUp => 'test.build_rate',
            self::LeakApplied => 'test.leak_applied',
            self::LeakReleased => null,
            self::LowAir => 'test.low_air',
            self::SpringPop => 'test.spring_pop',
            self::TugTractor => 'test.park_tractor',
            self::TugTrailer => 'test.park_trailer',
            self::TugHand => 'test.trailer_service',
            self::Service => 'test.service_brake',
        };
    }

    /** @return list<string> components that are tugs against a brake */
    public static function tugs(): array
    {
        return self::components(self::TugTractor, self::TugTrailer, self::TugHand);
    }

    /** @return list<string> components that are leak tests */
    public static function leaks(): array
    {
        return self::components(self::LeakApplied, self::LeakReleased);
    }

    /** @return list<self> the tests that are scored as a component */
    public static function scoredAs(string $component): array
    {
        return array_values(array_filter(self::cases(), static fn (self $test): bool => $test->component() === $component));
    }

    /** @return list<string> */
    private static function components(self ...$tests): array
    {
        return array_values(array_filter(array_map(static fn (self $test): ?string => $test->component(), $tests), is_string(...)));
    }

    public function needsTrailer(): bool
    {
        return $this === self::TugTrailer || $this === self::TugHand;
    }

    public function label(): string
    {
        return match ($this) {
            self::CutOut => 'governor cut-out',
            self::CutIn => 'governor cut-in',
            self::BuildUp => 'build-up',
            self::LeakApplied => 'leak test, brakes applied',
            self::LeakReleased => 'leak test, brakes released',
            self::LowAir => 'low-air warning',
            self::SpringPop => 'spring brakes',
            self::TugTractor => 'tractor parking-brake tug',
            self::TugTrailer => 'trailer parking-brake tug',
            self::TugHand => 'trailer hand-valve tug',
            self::Service => 'service brake',
        };
    }
}
