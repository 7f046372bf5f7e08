<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Resources\School\StudentCardResource;
use App\Http\Resources\School\TodayResource;
use App\Http\Resources\Walk\AttemptCardResource;
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
        $today = $user->school->today($now);
        // Due: not seen lately, or the exam is near; whoever has an exam first comes first.
        $due = Student::cards($user)
            ->where(function (Builder $either) use ($now, $today): void {
                $either
                    ->whereDoesntHave('attempts', function (Builder $query) use ($now): void {
                        $query
                            ->where('status', AttemptStatus::Finished)
                            ->where('started_at', '>=', $now->copy()->subDays($this->dueAfterDays));
                    })
                    ->orWhereBetween('exam_on', [
                        $today->toDateString(),
                        $today->copy()->addDays($this->dueAfterDays)->toDateString(),
                    ]);
            })
            ->where(static function (Builder $query) use ($today): void {
                $query->whereNull('exam_on')->orWhere('exam_on', '>=', $today->toDateString());
            })
            ->get()
            ->sortBy(
                static fn (Student $student): string => ($student->exam_on?->toDateString() ?? '9999').$student->name,
            )
            ->take(self::MOST);

        return new TodayResource(
            $this->newest(Attempt::underWay($user->school_id)->where('scorer_id', $user->id)),
            $this->newest(
                Attempt::underWay($user->school_id)->where('scorer_id', '<>', $user->id),
            ),
            array_values($due->map(StudentCardResource::of(...))->all()),
            $this->newest(
                Attempt::finished($user->school_id)
                    ->tap(Attempt::onceAWalk(...))
                    ->tap(static fn (Builder $query) => Attempt::blindTo($query, $user)),
            ),
            $this->dueAfterDays,
        );
    }

    /**
     * @param  Builder<Attempt>  $attempts
     * @return list<AttemptCardResource>
     */
    private function newest(Builder $attempts): array
    {
        $attempts->latest('started_at');
        $attempts->limit(self::MOST);

        return array_values($attempts->with(Attempt::CARD)->get()->toBase()->map(AttemptCardResource::of(...))->all());
    }
}
