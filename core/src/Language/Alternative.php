<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** One way in which a recognizer may have heard a piece of speech. */
final readonly class Alternative
{
    /** @param  float  $weight  how likely it is, of all that are given for the piece: over 0, at most 1 */
    public function __construct(public string $text, public float $weight) {}
}
