<?php

declare(strict_types=1);

namespace App\Models;

enum AttemptMode: string
{
    /** Hints, what is left at a place, coaching. */
    case Practice = 'practice';
    /** Silent: nothing on the screen helps a student who looks over a shoulder. */
    case Exam = 'exam';
}
