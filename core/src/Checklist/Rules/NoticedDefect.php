<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What noticing a defect earns beyond what was said of the item. */
enum NoticedDefect: string
{
    case Nothing = 'nothing';
    /** The item whole: the student saw what the inspection is for. */
    case Whole = 'whole';
    /** As much again as the item is worth, as a bonus. */
    case Bonus = 'bonus';
}
