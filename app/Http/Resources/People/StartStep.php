<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

/** What a school needs before its first walk, in the order in which it is usually done. */
enum StartStep: string
{
    case Checklist = 'checklist';
    case Vehicle = 'vehicle';
    /** Somebody who scores has set a password. */
    case Scorer = 'scorer';
    case SchoolClass = 'class';
    case Student = 'student';
    case Walk = 'walk';
}
