<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Quantity;

/** The stretch of words that a proposal rests on. */
final readonly class Evidence
{
    /** Letters of it that go onto a mark: it is an excerpt. */
    private const LONGEST = 300;

    /**
     * @param  list<Point>  $points  what was said there; empty where the part was only named or referred to
     * @param  array<string, array{Quantity, Bound}>  $said  figures said there, by point code
     * @param  list<string>  $defects  faults said to be there
     */
    public function __construct(
        /** Seconds: when the cue begins in which the stretch begins. */
        public float $at,
        public string $text,
        /** Index of the first word. */
        public int $from,
        /** Index after the last word. */
        public int $to,
        public array $points = [],
        public array $said = [],
        public array $defects = [],
        public bool $notFitted = false,
    ) {}

    /**
     * @param  list<array<string, mixed>>  $marks  in the open format
     * @return list<array<string, mixed>> with the time and the words
     */
    public function stamp(array $marks): array
    {
        return array_map(
            fn (array $mark): array => [
                ...$mark,
                'at_ms' => (int) round($this->at * 1000),
                'evidence' => mb_substr($this->text, 0, self::LONGEST),
            ],
            $marks,
        );
    }
}
