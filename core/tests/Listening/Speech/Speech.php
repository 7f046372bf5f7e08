<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

/** A walk that was made up, and what was said in it. */
final readonly class Speech
{
    /**
     * @param  list<string>  $sentences  without punctuation
     * @param  array<string, list<string>>  $truth  point codes by component@axle
     * @param  list<array{int, int, string, list<string>}>  $said  first and last sentence, component@axle, point codes
     * @param  int  $references  how many places were said by reference
     */
    public function __construct(
        public array $sentences, public array $truth, public array $said, public int $references,
    ) {}
}
