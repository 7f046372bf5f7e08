<?php

declare(strict_types=1);

namespace App\Http\Resources\Sound;

use App\Http\Resources\RespondsAsJson;
use App\Models\Attempt;
use App\Models\Sound\SoundState;
use App\Models\Sound\WalkSound;
use App\Models\Student;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Support\Facades\Config;
use OpenApi\Attributes as OA;

/** Whether the walks of a student may be recorded. */
#[OA\Schema]
final readonly class SoundConsentResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property(description: 'whether the school keeps sound at all')] public bool $school_keeps,
        #[OA\Property(nullable: true, description: 'since when; null where the student has not agreed')]
        public ?string $agreed_at,
        #[OA\Property(nullable: true, description: 'who kept the answer')] public ?string $agreed_by,
        #[OA\Property(description: 'days for which sound is kept')] public int $days,
        #[OA\Property(description: 'recordings that are there')] public int $recordings,
    ) {}

    public static function of(Student $student): self
    {
        $student->loadMissing(['school', 'soundAgreedBy']);

        return new self(
            $student->school->keeps_sound, $student->sound_agreed_at?->toIso8601String(),
            $student->soundAgreedBy?->name,
            Config::integer('pasada.sound_days'),
            WalkSound::query()->where('state', '<>', SoundState::Deleted)
                ->whereIn('attempt_id', Attempt::query()->where('student_id', $student->id)->select('id'))->count(),
        );
    }
}
