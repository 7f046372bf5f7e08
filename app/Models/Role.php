<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Instructor = 'instructor';
    case Examiner = 'examiner';
    case Manager = 'manager';
    case Student = 'student';

    public function scores(): bool
    {
        return $this === self::Instructor || $this === self::Examiner;
    }

    public function seesAllStudents(): bool
    {
        return $this !== self::Student;
    }

    /** Whether checklists, vehicles and the school's phrases are theirs to change. */
    public function changesDocuments(): bool
    {
        return $this === self::Instructor || $this === self::Manager;
    }
}
