<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Listening\Walking\Placed;

/** A walk as it is decoded: its words, its clues and the names among them. */
final readonly class WalkClues
{
    /**
     * @param  list<Clue>  $clues  in the order of the words
     * @param  list<Placed>  $placed  the names
     * @param  array<int, true>  $aside  names that are said not to be fitted: nothing is said of them
     */
    public function __construct(
        public Ground $ground, public array $clues, public array $placed, public array $aside,
    ) {}
}
