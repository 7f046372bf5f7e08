<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

/** What part a name plays where it is said. */
enum Role: string
{
    /** What is spoken of from here on. */
    case Subject = 'subject';
    /** One more of a list that is spoken of together. */
    case Member = 'member';
    /** Said in passing: where something is fastened, what it is for, small hardware of it, or no name at all. */
    case Passing = 'passing';
    /** What is spoken of, once more. */
    case Again = 'again';
}
