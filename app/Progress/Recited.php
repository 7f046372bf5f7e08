<?php

declare(strict_types=1);

namespace App\Progress;

/** What was heard of a part that was recited, and what was missing. */
final readonly class Recited
{
    /**
     * @param  list<string>  $heard  labels of points
     * @param  list<string>  $missing  the words that were not said
     * @param  list<string>  $wrong  what was said wrong
     */
    public function __construct(
        public string $item,
        /** Thousandths of what the item is worth. */
        public int $earned,
        public array $heard,
        public array $missing,
        public array $wrong,
        /** The words to use. */
        public string $say,
        /** Parts recited today, this one among them. */
        public int $today,
    ) {}
}
