<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\UnitOfMeasure;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Vehicle\AxleGroup;

/** Compares what was said with what the checklist accepts: the figure, and which way round the limit is. */
final readonly class FigureCheck
{
    /** @param  list<Figure>  $figures */
    public function __construct(private array $figures) {}

    /** @return list<WrongFigure> */
    public function of(Proposal $proposal): array
    {
        $wrong = [];
        foreach ($proposal->said as $code => [$quantity, $bound]) {
            $figure = $this->figureFor(
                $code,
                $proposal->component,
                $proposal->axle === null ? null : AxleGroup::from($proposal->axle),
            );
            $what = $figure === null ? null : $this->fault($figure, $quantity, $bound, $proposal->figures);
            if ($what !== null) {
                $wrong[] = new WrongFigure($proposal->at(), $proposal->component, $proposal->axle, $what);
            }
        }

        return $wrong;
    }

    private function figureFor(string $code, string $component, ?AxleGroup $axle): ?Figure
    {
        foreach ($this->figures as $figure) {
            if ($figure->point->value === $code && $figure->holdsFor($component, $axle)) {
                return $figure;
            }
        }

        return null;
    }

    /** @param  array<string, float>  $figures */
    private function fault(Figure $figure, Quantity $quantity, Bound $bound, array $figures): ?string
    {
        if (! $this->isComparable($figure->unit, $quantity->unit)) {
            return null;
        }
        $scale = $figure->unit === UnitOfMeasure::Percent && $quantity->unit === QuantityUnit::Fraction ? 100 : 1;
        $values = array_filter([$quantity->value, $quantity->high], static fn (?float $value): bool => $value !== null);
        $key = array_key_first($figures) ?? $figure->point->value;
        foreach ($values as $value) {
            if (! $figure->accepts((int) round($value * 1000 * $scale))) {
                return sprintf(
                    '%s %s, asked %s',
                    $key,
                    rtrim(rtrim(sprintf('%.2f', $value * $scale), '0'), '.'),
                    explode(' ', trim(str_replace(['at least ', 'no more than ', '/32'], '', $figure->said())))[0],
                );
            }
        }
        $asked = match (true) {
            $figure->low !== null && $figure->high === null => Bound::AtLeast,
            $figure->high !== null && $figure->low === null => Bound::AtMost,
            default => Bound::Plain,
        };

        return $asked !== Bound::Plain && $bound !== Bound::Plain && $asked !== $bound
            ? sprintf(
                '%s said as %s, asked %s',
                $key,
                $bound === Bound::AtLeast ? 'the least' : 'the most',
                $figure->said(),
            )
            : null;
    }

    private function isComparable(UnitOfMeasure $asked, QuantityUnit $said): bool
    {
        return match ($asked) {
            UnitOfMeasure::ThirtySecondsInch => $said === QuantityUnit::ThirtySeconds,
            UnitOfMeasure::Inch => $said === QuantityUnit::Inches || $said === QuantityUnit::Fraction,
            UnitOfMeasure::Psi => $said === QuantityUnit::Psi || $said === QuantityUnit::None,
            UnitOfMeasure::Second => $said === QuantityUnit::Seconds,
            UnitOfMeasure::Degree, UnitOfMeasure::Fahrenheit => $said === QuantityUnit::Degrees ||
                $said === QuantityUnit::None,
            UnitOfMeasure::Volt => $said === QuantityUnit::Volts || $said === QuantityUnit::None,
            UnitOfMeasure::Percent => $said === QuantityUnit::Percent || $said === QuantityUnit::Fraction,
            UnitOfMeasure::Count => $said === QuantityUnit::None,
            UnitOfMeasure::Bc => false,
        };
    }
}
