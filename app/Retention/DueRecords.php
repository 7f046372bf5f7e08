<?php

declare(strict_types=1);

namespace App\Retention;

use App\Exceptions\DueHasChanged;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\DayTally;
use App\Models\LegalHold;
use App\Models\School;
use App\Models\Student;
use App\Models\Tombstone;
use App\Models\User;
use App\Sound\ForgetSound;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use stdClass;

/**
 * Attempts whose years are over. 49 CFR 380.725 asks a training provider to keep records for three years at least; an
 * examiner's state may ask more. Nothing goes by itself: a manager sees what is due and confirms it.
 */
final readonly class DueRecords
{
    public const LEAST_YEARS = 3;

    /** Tables whose rows belong to an attempt and go with it. */
    public const OF_ATTEMPT = [
        'marks', 'packed_marks', 'brake_events', 'turned_down', 'recordings', 'signatures', 'amendments', 'kept_sheets',
        'item_outcomes', 'attempt_results', 'walk_sounds', 'utterances', 'light_helpers',
    ];

    private const AT_ONCE = 500;

    public function __construct(private ConnectionInterface $database, private ForgetSound $sound) {}

    /** @return array{count: int, oldest: string|null, newest: string|null} days of the first and the last */
    public function told(School $school, Carbon $now, ?Student $of = null): array
    {
        $due = $this->due($school, $now, $of);
        $day = static fn (mixed $at): ?string => is_string($at) ? substr($at, 0, 10) : null;

        return [
            'count' => $due->clone()->count(), 'oldest' => $day($due->clone()->min('started_at')),
            'newest' => $day($due->clone()->max('started_at')),
        ];
    }

    /**
     * @param  int  $expected  how many the manager has seen
     * @param  Student|null  $of  whose alone; null for all of the school
     *
     * @throws DueHasChanged if it is another number by now; nothing is deleted then
     */
    public function delete(School $school, User $by, int $expected, Carbon $now, ?Student $of = null): Tombstone
    {
        $gone = [];
        $stone = $this->database->transaction(function () use (
            $school, $by, $expected, $now, $of, &$gone,
        ): Tombstone {
            School::query()->whereKey($school->id)->lockForUpdate()->value('id');
            $told = $this->told($school, $now, $of);
            if ($told['count'] !== $expected || $expected === 0) {
                throw new DueHasChanged;
            }
            $hash = hash_init('sha256');
            $marks = 0;
            do {
                $ids = $this->due($school, $now, $of)->orderBy('id')->limit(self::AT_ONCE)->pluck('id')->all();
                foreach ($this->database->table('kept_sheets')->whereIn('attempt_id', $ids)->orderBy('attempt_id')
                    ->selectRaw('attempt_id, sha2(sheet, 256) as digest')->get() as $row) {
                    hash_update($hash, json_encode($row, JSON_THROW_ON_ERROR));
                }
                hash_update($hash, json_encode($ids, JSON_THROW_ON_ERROR));
                $marks += $this->database->table('marks')->whereIn('attempt_id', $ids)->count() +
                    $this->database->table('packed_marks')->whereIn('attempt_id', $ids)->get(['count'])
                        ->sum(static fn (stdClass $row): int => is_int($row->count) ? $row->count : 0);
                $this->database->table('attempts')->whereIn('walk_of', $ids)->update(['walk_of' => null]);
                foreach (self::OF_ATTEMPT as $table) {
                    $this->database->table($table)->whereIn('attempt_id', $ids)->delete();
                }
                $this->database->table('attempts')->whereIn('id', $ids)->delete();
                array_push($gone, ...array_values(array_filter($ids, is_string(...))));
            } while (count($ids) === self::AT_ONCE);
            // Of a day with one walk it would tell what has just been erased; what is left is counted anew.
            DayTally::ofSchool($school->id)->whereBetween('day', [$told['oldest'], $told['newest']])->delete();

            return Tombstone::query()->create([
                'school_id' => $school->id, 'attempts' => $expected, 'marks' => $marks, 'oldest' => $told['oldest'],
                'newest' => $told['newest'], 'digest' => hash_final($hash), 'deleted_by' => $by->id,
                'deleted_at' => $now,
            ]);
        });
        assert($stone instanceof Tombstone);
        // Files come back with no transaction: they go once the rows have gone.
        $this->sound->files($gone);

        return $stone;
    }

    /** @return Builder<Attempt> */
    private function due(School $school, Carbon $now, ?Student $of): Builder
    {
        $since = $school->today($now)->subYears(self::years($school))->utc();
        $due = Attempt::ofSchool($school->id)
            ->where('started_at', '<', $since);
        $due->whereIn('status', AttemptStatus::closed());
        $due->whereNotIn('student_id', LegalHold::ofSchool($school->id)->where('ended_at', null)->select('student_id'));

        if ($of !== null) {
            $due->where('student_id', $of->id);
        }

        return $due;
    }

    /** For how many years a school keeps a record. */
    public static function years(School $school): int
    {
        return max(self::LEAST_YEARS, $school->kept_years);
    }
}
