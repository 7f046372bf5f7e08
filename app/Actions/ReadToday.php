<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\AttemptCardResource;
use App\Http\Resources\StudentCardResource;
use App\Http\Resources\TodayResource;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/** The first screen of somebody who scores: what to go on with, and who is due. */
final readonly class ReadToday
{
    private const MOST = 12;

    public function __construct(private int $dueAfterDays) {}

    public function handle(User $user, Carbon $now): TodayResource
    {
        $attempts = Attempt::query()->where('school_id', $user->school_id)->with(Attempt::CARD)->latest('started_at')->limit(self::MOST);
        $underWay = (clone $attempts)->underWay()->where('scorer_id', $user->id)->get();
        $recent = (clone $attempts)->finished()->get();
        // Due: not seen lately, or the exam is near; whoever has an exam first comes first.
        $due = Student::query()->forCards()->where('school_id', $user->school_id)
            ->where(fn (Builder $either): Builder => $either
                ->whereDoesntHave('attempts', fn (Builder $query): Builder => $query->where('status', AttemptStatus::Finished)->where('started_at', '>=', $now->copy()->subDays($this->dueAfterDays)))
                ->orWhereBetween('exam_on', [$now->toDateString(), $now->copy()->addDays($this->dueAfterDays)->toDateString()]))
            ->where(fn (Builder $query): Builder => $query->whereNull('exam_on')->orWhere('exam_on', '>=', $now->toDateString()))
            ->orderByRaw('exam_on is null, exam_on')->limit(self::MOST)->get();

        return new TodayResource(
            $underWay->map(AttemptCardResource::of(...))->values()->all(),
            $due->map(StudentCardResource::of(...))->values()->all(),
            $recent->map(AttemptCardResource::of(...))->values()->all(),
            $this->dueAfterDays,
        );
    }
}
