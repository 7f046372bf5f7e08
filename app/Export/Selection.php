<?php

declare(strict_types=1);

namespace App\Export;

use App\Models\Attempt;
use App\Models\School;
use App\Models\Student;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\LazyCollection;

/** Which attempts of a school are written, usually finished ones, a handful at a time however many they are. */
final readonly class Selection
{
    private const AT_ONCE = 100;

    public function __construct(
        public School $school,
        public ?int $studentId = null,
        public ?int $classId = null,
        /** Year-month-day by the school's calendar, the first and the last day that is taken. */
        public ?string $from = null,
        public ?string $to = null,
        /** Walks under way, discarded and void as well. */
        public bool $evenUncounted = false,
    ) {}

    /** @return LazyCollection<int, Attempt> by their ids, which are in order of time */
    public function attempts(): LazyCollection
    {
        /** @var LazyCollection<int, Attempt> */
        return $this->query()->with([
            'student.schoolClass', 'scorer:id,name', 'checklist:id,slug,version,name', 'vehicle:id,slug,version,name',
            'school', 'result',
        ])->lazyById(self::AT_ONCE);
    }

    public function count(): int
    {
        return $this->query()->count();
    }

    /** For what is told of it in the trail, and as the end of a file's name. */
    public function said(): string
    {
        return implode('-', array_filter([
            $this->studentId === null ? '' : "student-$this->studentId",
            $this->classId === null ? '' : "class-$this->classId",
            $this->from ?? '', $this->to ?? '',
        ], static fn (string $part): bool => $part !== ''));
    }

    /** @return Builder<Attempt> */
    private function query(): Builder
    {
        $query = $this->evenUncounted ? Attempt::ofSchool($this->school->id) : Attempt::finished($this->school->id);
        if ($this->studentId !== null) {
            $query->where('student_id', $this->studentId);
        }
        if ($this->classId !== null) {
            $query->whereIn('student_id', Student::query()->where('class_id', $this->classId)->select('id'));
        }
        if ($this->from !== null) {
            $query->where('started_at', '>=', $this->school->midnight($this->from));
        }
        if ($this->to !== null) {
            $query->where('started_at', '<', $this->school->midnight($this->to, 1));
        }

        return $query;
    }
}
