<?php

declare(strict_types=1);

namespace App\Http\Views\Brakes;

use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Which checklist and which vehicle the latest walks went by: of a student's class, else of the school. */
final readonly class MostWalked
{
    /** A class walks about so often in a week. */
    private const LATEST = 40;

    /**
     * @param  array<string, int>  $checklists  how many walks, by slug
     * @param  array<string, int>  $vehicles
     */
    private function __construct(private array $checklists, private array $vehicles) {}

    public static function around(User $user): self
    {
        $class = Student::query()->where('user_id', $user->id)->value('class_id');
        $walks = self::walks($user);
        if (is_int($class)) {
            $ofClass = $walks->clone()
                ->whereHas(
                    'student',
                    static fn (Builder $student): Builder => $student->where('class_id', $class),
                );
            $walks = $ofClass->exists() ? $ofClass : $walks;
        }
        $walks->latest('started_at')->limit(self::LATEST);
        $latest = $walks->with(['checklist:id,slug', 'vehicle:id,slug'])->get();

        return new self(self::counted($latest, 'checklist.slug'), self::counted($latest, 'vehicle.slug'));
    }

    /**
     * The same rows, what is walked most often first.
     *
     * @template T of StoredChecklist|StoredVehicle
     *
     * @param  iterable<T>  $rows
     * @return list<T>
     */
    public function first(iterable $rows): array
    {
        $sorted = [...$rows];
        usort(
            $sorted,
            fn (StoredChecklist|StoredVehicle $a, StoredChecklist|StoredVehicle $b): int => $this->walksOf($b)
                <=> $this->walksOf($a),
        );

        return $sorted;
    }

    private function walksOf(StoredChecklist|StoredVehicle $row): int
    {
        return ($row instanceof StoredChecklist ? $this->checklists : $this->vehicles)[$row->slug] ?? 0;
    }

    /** @return Builder<Attempt> */
    private static function walks(User $user): Builder
    {
        return Attempt::ofSchool($user->school_id);
    }

    /**
     * @param  Collection<int, Attempt>  $walks
     * @return array<string, int>
     */
    private static function counted(Collection $walks, string $slug): array
    {
        /** @var array<string, int> */
        return $walks->countBy($slug)->all();
    }
}
