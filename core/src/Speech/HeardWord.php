<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

/** A word as a recognizer heard it. */
final readonly class HeardWord
{
    public function __construct(
        public string $word,
        public int $fromMs,
        public int $toMs,
        /** Of the recognizer in its word, 0 to 1. */
        public float $confidence,
    ) {}
}
