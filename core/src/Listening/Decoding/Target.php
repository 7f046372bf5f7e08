<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

/** Of what a statement is said. */
enum Target: string
{
    /** The name said last. */
    case Last = 'last';
    /** All names of the list at hand. */
    case List = 'list';
    /** What was spoken of before. */
    case Before = 'before';
    /** The name that comes. */
    case Next = 'next';
    case Nothing = 'nothing';
}
