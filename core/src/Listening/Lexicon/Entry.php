<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Lexicon;

/** One name, statement word or place word of the lexicon. */
final readonly class Entry
{
    public function __construct(
        public EntryKind $kind,
        /** Component id, index of the statement or name of the place. */
        public string $means,
        public string $words,
        public string $sound,
        /** Sound of its first and of its last word. */
        public string $first,
        public string $last,
    ) {}
}
