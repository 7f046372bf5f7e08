<?php

declare(strict_types=1);

namespace Pasada\Bench\Mutation;

/** How one fault that was put into the code ended. */
enum How: string
{
    case ByExample = 'example';
    case ByProperty = 'property';
    /** The tests no longer came to an end: a fault that anybody notices. */
    case Endless = 'endless';
    /** The examples missed it, or do not reach it; the properties have not been tried yet. */
    case PastExamples = 'past examples';
    case Missed = 'missed';
    /** No test reaches the line. */
    case Unreached = 'unreached';

    public function isCaught(): bool
    {
        return match ($this) {
            self::ByExample, self::ByProperty, self::Endless => true,
            self::PastExamples, self::Missed, self::Unreached => false,
        };
    }
}
