<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Database\ConnectionInterface;
use Pasada\Core\Roster\Roster;
use Pasada\Core\Roster\RosterLine;

/** Takes a list of students in: all of it, or nothing. */
final readonly class BringRoster
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * Who is there already, by name or number; those who have left, too.
     *
     * @return array<int, list<Student>> by line
     */
    public function known(int $schoolId, Roster $roster): array
    {
        $byKey = $byNumber = [];
        foreach (Student::ofSchool($schoolId)->where('merged_into', null)->with('schoolClass:id,name')->get() as $one) {
            $byKey[Roster::key($one->name)][$one->id] = $one;
            if ($one->number !== null) {
                $byNumber[$one->number][$one->id] = $one;
            }
        }
        $known = [];
        foreach ($roster->lines as $line) {
            $alike = ($byKey[Roster::key($line->name)] ?? []) + ($byNumber[$line->number ?? ''] ?? []);
            if ($alike !== []) {
                $known[$line->line] = array_values($alike);
            }
        }

        return $known;
    }

    /**
     * @param  list<RosterLine>  $lines
     * @return int how many were added
     */
    public function keep(int $schoolId, array $lines): int
    {
        $kept = $this->database->transaction(static function () use ($schoolId, $lines): int {
            $classes = [];
            foreach ($lines as $line) {
                $class = $line->className;
                if ($class !== null) {
                    $classes[$class] ??= SchoolClass::query()->firstOrCreate([
                        'school_id' => $schoolId, 'name' => $class,
                    ]);
                }
                Student::query()->create([
                    'school_id' => $schoolId, 'user_id' => null, 'name' => $line->name, 'number' => $line->number,
                    'class_id' => $class === null ? null : $classes[$class]->id, 'exam_on' => $line->examOn,
                ]);
            }

            return count($lines);
        });

        return is_int($kept) ? $kept : 0;
    }
}
