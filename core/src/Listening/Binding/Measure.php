<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Listening\Lexicon\Part;

/** Which statement of a part a figure makes, and how it is written in the open format. */
final readonly class Measure
{
    /** Points that are told in inches, in the order in which a part is asked for them. */
    private const INCHES = [
        Point::RodPlay, Point::BeltPlay, Point::Thickness, Point::Clearance, Point::Matched, Point::SteerPlay,
    ];

    public static function pointOf(Quantity $quantity, Part $part): ?Point
    {
        $candidates = match ($quantity->unit) {
            QuantityUnit::ThirtySeconds => [Point::Depth],
            QuantityUnit::Inches => self::INCHES,
            QuantityUnit::Fraction => [Point::RodPlay, Point::BeltPlay, Point::Thickness, Point::Coverage],
            QuantityUnit::Psi => [Point::Inflation, Point::Reading],
            QuantityUnit::Degrees => $part->id === 'cab.temp_gauge' ? [Point::Reading] : [Point::SteerPlay],
            QuantityUnit::Percent => [Point::Coverage],
            QuantityUnit::Volts => $part->id === 'cab.voltmeter' ? [Point::Reading] : [],
            QuantityUnit::Seconds => $part->id === 'test.build_rate' ? [Point::Reading] : [],
            QuantityUnit::Rpm, QuantityUnit::Mph => [],
            QuantityUnit::None => self::bare($quantity, $part),
        };
        foreach ($candidates as $point) {
            if ($part->points->has($point)) {
                return $point;
            }
        }

        return null;
    }

    /**
     * A number without a unit is a pressure where one is asked and it is one, or a count.
     *
     * @return list<Point>
     */
    private static function bare(Quantity $quantity, Part $part): array
    {
        return match (true) {
            $part->id === 'wheel.tyre' && $quantity->value >= 80 && $quantity->value <= 130 => [Point::Inflation],
            str_starts_with($part->id, 'test.') && $quantity->value >= 20 && $quantity->value <= 150 => [
                Point::Reading,
            ],
            $part->id === 'cab.air_gauge' && $quantity->value >= 80 && $quantity->value <= 150,
            $part->id === 'cab.voltmeter' && $quantity->value >= 11 && $quantity->value <= 15,
            $part->id === 'cab.temp_gauge' && $quantity->value >= 150 && $quantity->value <= 250,
            $part->id === 'cab.oil_gauge' && $quantity->value >= 5 && $quantity->value <= 80 => [Point::Reading],
            $part->id === 'steering.shaft' && $quantity->value === 10.0 => [Point::SteerPlay],
            $quantity->value <= 12 => [Point::Count],
            default => [],
        };
    }

    /** @return array<string, float> by key of the open format */
    public static function figures(Quantity $quantity, Point $point, Part $part): array
    {
        $value = $quantity->value;
        if ($point === Point::Coverage) {
            return ['percent' => $quantity->unit === QuantityUnit::Percent ? $value : $value * 100];
        }
        $key = match (true) {
            $point === Point::Depth => 'tread_32nds',
            $point === Point::Count => 'count',
            $part->id === 'cab.temp_gauge' => 'temp',
            $part->id === 'cab.voltmeter' => 'volts',
            $point === Point::SteerPlay && $quantity->unit !== QuantityUnit::Inches => 'degrees',
            $part->id === 'test.build_rate' => 'seconds',
            $point === Point::Inflation, $point === Point::Reading => 'psi',
            default => 'inches',
        };
        if ($quantity->high !== null && in_array($key, ['psi', 'volts', 'temp'], true)) {
            return [$key.'_low' => $value, $key.'_high' => $quantity->high];
        }

        return match ($key) {
            'volts', 'temp' => [$key.'_low' => $value],
            // Of "a half to three quarters" the limit counts.
            default => [$key => $quantity->high ?? $value],
        };
    }
}
