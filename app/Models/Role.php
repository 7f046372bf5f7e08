<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Instructor = 'instructor';
    case Examiner = 'examiner';
    case Manager = 'manager';
    case Student = 'student';

    /** Whether it goes together with another: a student is nothing else. */
    public function goesWith(self $other): bool
    {
        return $this !== $other && $this !== self::Student && $other !== self::Student;
    }
}
