<?php

declare(strict_types=1);

namespace App\Actions\Sound;

use App\Models\Student;
use App\Models\User;
use App\Sound\ForgetSound;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** A student agrees that walks are recorded, or takes that back: what was recorded goes then, at once. */
final readonly class ChangeSoundConsent
{
    public function __construct(private ConnectionInterface $database, private ForgetSound $forget) {}

    /** Sent twice, the first day stands. */
    public function handle(Student $student, User $by, bool $agrees, Carbon $now): void
    {
        $this->database->transaction(static function () use ($student, $by, $agrees, $now): void {
            $held = Student::held($student->id);
            if (($held->sound_agreed_at !== null) !== $agrees) {
                $held->update([
                    'sound_agreed_at' => $agrees ? $now : null, 'sound_agreed_by' => $agrees ? $by->id : null,
                ]);
            }
        });
        if (! $agrees) {
            $this->forget->ofStudent($student, $now);
        }
        $student->refresh();
    }
}
