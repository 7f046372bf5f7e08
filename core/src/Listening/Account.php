<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Referring\SaidReference;
use Pasada\Core\Listening\Walking\Station;

/** What was heard in a transcript. */
final readonly class Account
{
    /**
     * @param  list<Proposal>  $heard  in walking order
     * @param  list<Proposal>  $maybe  likewise parts that were perhaps only named: shown, and not told as heard
     * @param  list<array{float, SaidReference}>  $references  with the second at which each was said
     * @param  list<WrongFigure>  $wrong
     * @param  list<array{float, float, string}>  $offList  from, to in seconds, and the words
     * @param  list<array{float, Station}>  $route  second and place
     */
    public function __construct(
        public Words $words, public array $heard, public array $maybe, public array $references, public array $wrong,
        public array $offList,
        public array $route,
    ) {}
}
