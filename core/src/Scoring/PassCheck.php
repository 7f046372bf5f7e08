<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** One rule of the pass mark, held against the score. */
final readonly class PassCheck
{
    public function __construct(
        public bool $met,
        /**
         * Whether it can still be met while the walk goes on; false once it is finished, and where nothing that is
         * still said could do it.
         */
        public bool $reachable,
        /** What was reached and what is asked, in words. */
        public string $said,
        /** What would have been enough, in words; empty where it is met. */
        public string $enough,
    ) {}
}
