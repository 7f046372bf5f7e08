<?php

declare(strict_types=1);

namespace App\Http\Views\Walk;

use App\Actions\Walk\ReadSheet;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Http\Resources\Walk\AttemptResource;
use App\Http\Resources\Walk\InspectionResource;
use App\Http\Resources\Walk\SheetResource;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\User;
use Pasada\Core\Coaching\Coach;

/** An attempt with all that the scoring screen needs. */
final readonly class ReadAttempt
{
    public function __construct(private ReadSheet $sheets, private Coach $coach, private ReadUsualHalves $usual) {}

    public function handle(Attempt $attempt, User $reader): AttemptResource
    {
        $sheet = $this->sheets->for($reader, $attempt);
        $attempt->loadMissing([...Attempt::CARD, 'school']);

        $mayMark = $attempt->status === AttemptStatus::UnderWay && $reader->can('mark', $attempt);

        return new AttemptResource(
            AttemptCardResource::of($attempt),
            $mayMark, $mayMark && $attempt->keepsSound(),
            $attempt->mode, $attempt->live, $attempt->school->phrases(),
            InspectionResource::of($sheet->inspection, $this->coach),
            SheetResource::of($sheet),
            // Who only watches marks nothing.
            $mayMark ? $this->usual->handle($attempt->school_id, $sheet->inspection) : [],
        );
    }
}
