<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

/** How an invented speaker speaks. */
enum Style: string
{
    /** "Slack adjuster, tight, one inch." */
    case Terse = 'terse';
    /** "This is my slack adjuster. It is securely mounted and ..." */
    case Sentences = 'full sentences';
    /** "Pitman arm, drag link and tie rod are all ..." */
    case Joint = 'joint statements';
    /** Sentences with asides to a class and questions of an examiner in between. */
    case Teaching = 'teaching';
    /** Held out of development. */
    case NamesLast = 'condition before the name';
    /** Held out of development: later axles by reference, with an exception. */
    case References = 'references';

    public function isHeldOut(): bool
    {
        return $this === self::NamesLast || $this === self::References;
    }
}
