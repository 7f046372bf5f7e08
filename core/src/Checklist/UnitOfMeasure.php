<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

/** Units a figure is given in, as the trade says them. */
enum UnitOfMeasure: string
{
    case ThirtySecondsInch = '1/32 in';
    case Inch = 'in';
    case Psi = 'psi';
    case Second = 's';
    case Degree = 'deg';
    case Volt = 'V';
    case Fahrenheit = 'deg F';
    case Percent = '%';
    case Count = 'count';
    case Bc = 'B:C';

    /** The figure as it is said; thousandths of the unit in, so that 750 inches reads "3/4 in". */
    public function format(int $thousandths): string
    {
        return match ($this) {
            self::ThirtySecondsInch => self::decimal($thousandths).'/32 in',
            self::Inch => self::inches($thousandths),
            self::Psi => self::decimal($thousandths).' psi',
            self::Second => self::decimal($thousandths).' seconds',
            self::Degree => self::decimal($thousandths).' degrees',
            self::Volt => self::decimal($thousandths).' volts',
            self::Fahrenheit => self::decimal($thousandths).' °F',
            self::Percent => self::decimal($thousandths).' percent',
            self::Count => self::decimal($thousandths),
            self::Bc => self::decimal($thousandths).' B:C',
        };
    }

    private static function decimal(int $thousandths): string
    {
        $text = sprintf('%d.%03d', intdiv($thousandths, 1000), abs($thousandths % 1000));

        return rtrim(rtrim($text, '0'), '.');
    }

    private static function inches(int $thousandths): string
    {
        $whole = intdiv($thousandths, 1000);
        $fraction = match ($thousandths % 1000) {
            125 => '1/8',
            250 => '1/4',
            375 => '3/8',
            500 => '1/2',
            625 => '5/8',
            750 => '3/4',
            875 => '7/8',
            default => null,
        };
        if ($fraction === null) {
            return self::decimal($thousandths).' in';
        }

        return ($whole === 0 ? $fraction : $whole.' '.$fraction).' in';
    }
}
