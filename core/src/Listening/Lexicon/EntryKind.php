<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Lexicon;

/** What an entry of the lexicon stands for. */
enum EntryKind
{
    /** A component by a name that means it and little else. */
    case Part;
    /** A component by a name that others share, or that is an everyday word: it needs a fitting place. */
    case PartWhereFitting;
    /** Words that name a component and state something of it at once: "not leaning". */
    case PartSaying;
    /** A word of a statement. */
    case Statement;
    /** Words that tell where the speaker is. */
    case Place;
}
