<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** A piece of captions: words and when they begin. */
final readonly class Cue
{
    /** @param  float  $from  seconds since the recording began; of an untimed text, 0 */
    public function __construct(public float $from, public string $text) {}
}
