<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

/** A run of words taken for one of the lexicon's entries, or for one of several. */
final readonly class Span
{
    /**
     * @param  int  $from  index of the first word
     * @param  int  $to  index after the last word
     * @param  array<string, float>  $parts  cost by component id, of names that mean it
     * @param  array<string, float>  $fitting  likewise, of names that need a fitting place
     * @param  array<string, float>  $saying  likewise, of names that state something
     * @param  int|null  $statement  index of the statement
     * @param  string|null  $place  name of the place
     */
    public function __construct(
        public int $from, public int $to, public array $parts, public array $fitting, public array $saying,
        public ?int $statement, public ?string $place, public float $cost,
    ) {}
}
