<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** A piece of captions: words and when they begin. */
final readonly class Cue
{
    /**
     * @param  float  $from  seconds since the recording began; of an untimed text, 0
     * @param  list<Alternative>  $alternatives  readings of the piece, that of the text among them; empty where it is
     *   the only one
     */
    public function __construct(public float $from, public string $text, public array $alternatives = []) {}
}
