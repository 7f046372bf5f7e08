<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\UnitOfMeasure;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;

/** A figure as it was said, in the unit in which a sheet asks it. */
final readonly class FigureReading
{
    /** Null where what was said is of another kind; of a range, the end that is not accepted, if one is not. */
    public static function of(Figure $figure, Quantity $quantity): ?float
    {
        $scale = match (true) {
            $figure->unit === UnitOfMeasure::Percent && $quantity->unit === QuantityUnit::Fraction => 100,
            $figure->unit === UnitOfMeasure::ThirtySecondsInch => $quantity->unit === QuantityUnit::ThirtySeconds
                ? 1
                : null,
            $figure->unit === UnitOfMeasure::Inch => $quantity->unit === QuantityUnit::Inches ||
            $quantity->unit === QuantityUnit::Fraction
                ? 1
                : null,
            $figure->unit === UnitOfMeasure::Second => $quantity->unit === QuantityUnit::Seconds ? 1 : null,
            default => $quantity->unit === QuantityUnit::Inches || $quantity->unit === QuantityUnit::ThirtySeconds
                ? null
                : 1,
        };
        if ($scale === null) {
            return null;
        }
        foreach ([$quantity->value, $quantity->high ?? $quantity->value] as $value) {
            if (! $figure->accepts((int) round($value * $scale * 1000))) {
                return $value * $scale;
            }
        }

        return ($quantity->high ?? $quantity->value) * $scale;
    }
}
