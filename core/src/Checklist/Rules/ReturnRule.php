<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** How long a place stays open for what was forgotten there. */
enum ReturnRule: string
{
    /** Closed once the student steps away from the place. */
    case Place = 'place';
    /** Open until the student starts on another section. */
    case Section = 'section';
    /** Open until the walk is finished. */
    case End = 'end';
}
