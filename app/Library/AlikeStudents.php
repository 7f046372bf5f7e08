<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Student;
use Pasada\Core\Roster\Roster;

/** Who at a school may be meant by a name or a number; those who have left, too. */
final readonly class AlikeStudents
{
    /**
     * @param  array<string, array<int, Student>>  $byKey
     * @param  array<string, array<int, Student>>  $byNumber
     */
    private function __construct(private array $byKey, private array $byNumber) {}

    public static function at(int $schoolId): self
    {
        $byKey = $byNumber = [];
        foreach (Student::ofSchool($schoolId)->where('merged_into', null)->with('schoolClass:id,name')->get() as $one) {
            $byKey[Roster::key($one->name)][$one->id] = $one;
            if ($one->number !== null) {
                $byNumber[$one->number][$one->id] = $one;
            }
        }

        return new self($byKey, $byNumber);
    }

    /** @return list<Student> */
    public function to(string $name, ?string $number = null): array
    {
        return array_values(($this->byKey[Roster::key($name)] ?? []) + ($this->byNumber[$number ?? ''] ?? []));
    }
}
