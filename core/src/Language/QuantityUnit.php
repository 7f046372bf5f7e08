<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** The unit that was said with a figure. */
enum QuantityUnit: string
{
    case ThirtySeconds = 'thirty-seconds';
    case Inches = 'inches';
    case Psi = 'psi';
    case Degrees = 'degrees';
    case Percent = 'percent';
    case Volts = 'volts';
    case Rpm = 'rpm';
    case Seconds = 'seconds';
    case Mph = 'mph';
    /** A fraction without a unit: "one quarter", "half". */
    case Fraction = 'fraction';
    /** A bare number. */
    case None = '';
}
