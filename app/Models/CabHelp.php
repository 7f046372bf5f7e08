<?php

declare(strict_types=1);

namespace App\Models;

/** How much the cab tells while somebody practices. */
enum CabHelp: string
{
    /** The step at hand, what it needs, and how it went. */
    case Guided = 'guided';
    /** The steps by name; how they went is told at the end. */
    case Alone = 'alone';
    /** Nothing, as with an examiner. */
    case Exam = 'exam';
}
