<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Http\Resources\Progress\RehearsalResource;
use App\Http\Resources\Sound\UtteranceResource;
use App\Models\Rehearsal;
use App\Models\Sound\Utterance;
use App\Models\Student;

/** What a student rehearsed alone. */
final readonly class ReadRehearsals
{
    private const LATEST = 12;

    /** @return list<RehearsalResource> the newest first; one in which nothing was said is none */
    public function latest(Student $student): array
    {
        $all = Rehearsal::query()->where('student_id', $student->id)->where('pieces', '>', 0);
        $all->latest('begun_at')->limit(self::LATEST);

        return array_values($all->get()->map(RehearsalResource::of(...))->all());
    }

    public function one(Student $student, string $id): Rehearsal
    {
        return Rehearsal::query()->where('student_id', $student->id)->find($id)
            ?? abort(404, 'There is no such rehearsal of this student. Begin it first.');
    }

    /** @return list<UtteranceResource> in the order of saying */
    public function heard(Rehearsal $rehearsal, int $afterMs): array
    {
        return array_values(
            Utterance::said(['rehearsal_id' => $rehearsal->id], $afterMs)->map(UtteranceResource::of(...))->all(),
        );
    }
}
