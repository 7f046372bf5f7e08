<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/** One thing that two versions of a document have different, in words. */
final readonly class Change
{
    public function __construct(
        /** Where, by the names that stand there: "components › Push rod › weight". */
        public string $where,
        /** What stood there; null if nothing did. */
        public ?string $before,
        /** What stands there now; null if nothing does. */
        public ?string $after,
    ) {}
}
