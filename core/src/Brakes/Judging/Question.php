<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\Events\EventKind;

/** What the scorer is asked because it was not noted: nobody's fault, until it is told. */
final readonly class Question
{
    public function __construct(
        public string $text,
        /** The moment that it is about, in ms: its answer belongs there. */
        public int $atMs,
        /** The event, with both gauges, that answers it. */
        public EventKind $answeredBy,
    ) {}

    public static function reading(string $text, int $atMs): self
    {
        return new self($text, $atMs, EventKind::Reading);
    }
}
