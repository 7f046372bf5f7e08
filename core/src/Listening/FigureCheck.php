<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Unit;
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
            $figure = $this->figureFor($code, $proposal->component, $proposal->axle === null ? null : AxleGroup::from($proposal->axle));
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
        $scale = $figure->unit === Unit::Percent && $quantity->unit === QuantityUnit::Fraction ? 100 : 1;
        $values = array_filter([$quantity->value, $quantity->high], static fn (?float $value): bool => $value !== null);
        $key = array_key_first($figures) ?? $figure->point->value;
        foreach ($values as $value) {
            if (! $figure->accepts((int) round($value * 1000 * $scale))) {
                return sprintf('%s %s, asked %s', $key, rtrim(rtrim(sprintf('%.2f', $value * $scale), '0'), '.'), explode(' ', trim(str_replace(['at least ', 'no more than ', '/32'], '', $figure->said())))[0]);
            }
        }
        $asked = match (true) {
            $figure->low !== null && $figure->high === null => Bound::AtLeast,
            $figure->high !== null && $figure->low === null => Bound::AtMost,
            default => Bound::Plain,
        };

        return $asked !== Bound::Plain && $bound !== Bound::Plain && $asked !== $bound
            ? sprintf('%s said as %s, asked %s', $key, $bound === Bound::AtLeast ? 'the least' : 'the most', $figure->said())
            : null;
    }

    private function isComparable(Unit $asked, QuantityUnit $said): bool
    {
        return match ($asked) {
            Unit::ThirtySecondsInch => $said === QuantityUnit::ThirtySeconds,
            Unit::Inch => $said === QuantityUnit::Inches || $said === QuantityUnit::Fraction,
            Unit::Psi => $said === QuantityUnit::Psi || $said === QuantityUnit::None,
            Unit::Second => $said === QuantityUnit::Seconds,
            Unit::Degree, Unit::Fahrenheit => $said === QuantityUnit::Degrees || $said === QuantityUnit::None,
            Unit::Volt => $said === QuantityUnit::Volts || $said === QuantityUnit::None,
            Unit::Percent => $said === QuantityUnit::Percent || $said === QuantityUnit::Fraction,
            Unit::Count => $said === QuantityUnit::None,
            Unit::Bc => false,
        };
    }
}
