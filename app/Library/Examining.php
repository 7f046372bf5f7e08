<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Student;
use App\Models\User;
use Pasada\Core\Checklist\Form;

/** Who may examine whom, and by what; of a walk that begins and of one that was scored on paper. */
final readonly class Examining
{
    private const ALL = 'An examination asks what the checklist asks; chosen sections are for practice.';

    /** @return array<string, string> what stands against it, by field of the request */
    public static function faults(User $by, ?Student $student, ?string $form): array
    {
        return [
            ...(str_starts_with((string) $form, Form::CHOSEN) ? ['form' => self::ALL] : []),
            ...($student !== null && Taught::by($by, $student) ? ['student_id' => Taught::SAID] : []),
        ];
    }
}
