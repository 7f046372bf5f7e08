<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Walking;

use Pasada\Core\Listening\Lexicon\EntryKind;

/** A run of words that names a part, with the parts it may be. */
final readonly class Mention
{
    /**
     * @param  int  $from  index of the first word
     * @param  int  $to  index after the last word
     * @param  array<string, array{float, EntryKind}>  $candidates  cost and kind of name by component id
     * @param  bool  $isPassing  named in passing, as in "tight to the frame": it tells little about where the speaker
     *   is
     * @param  bool  $isPlace  the words may as well tell where the speaker stands: "side of the trailer"
     */
    public function __construct(
        public int $from, public int $to, public array $candidates, public ?int $statement, public bool $isPassing,
        public bool $isPlace = false,
    ) {}
}
