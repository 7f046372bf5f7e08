<?php

declare(strict_types=1);

namespace Pasada\Bench\Size;

use Illuminate\Database\Connection;

/**
 * Fills a database with schools that are copies of the demo's: their attempts are copies of its finished ones under
 * other ids, by statements of the database alone. The same numbers give the same rows.
 */
final readonly class Filler
{
    public function __construct(private Connection $database) {}

    /**
     * @param  int  $n  number of the school, 1 or more; each only once
     * @param  int|null  $marks  how many marks of an attempt are copied; null for all, with the sheet that was kept
     * @return int id of the school
     */
    public function school(int $n, int $students, int $attemptsEach, ?int $marks): int
    {
        $this->copy('schools', 'id = 1', ['name' => "'School $n'", 'is_demo' => '0']);
        $school = (int) $this->database->getPdo()->lastInsertId();
        $this->copy('users', "school_id = 1 and role <> 'student'", [
            'school_id' => $school, 'email' => "concat('s$n.', users.email)", 'calendar_secret' => 'null',
            'signing_code_digest' => 'null',
        ]);
        foreach (['checklists', 'vehicles'] as $table) {
            $this->copy($table, 'school_id = 1', ['school_id' => $school]);
        }
        $this->database->statement("insert into classes (school_id, name) values ($school, 'Class of school $n')");
        $class = (int) $this->database->getPdo()->lastInsertId();
        $this->numbers($students);
        $this->copy('students', 'students.id = (select min(id) from students where school_id = 1)', [
            'school_id' => $school, 'user_id' => 'null', 'class_id' => $class,
            'uuid' => 'uuid()', 'number' => 'null', 'merged_into' => 'null', 'archived_at' => 'null',
            'name' => "concat('Student ', n.n, ' of school $n')", 'class_name' => "'Class of school $n'",
        ], 'join fill_numbers n');
        $this->attempts($n, $school, $attemptsEach);
        $this->rows($marks);

        return $school;
    }

    /** Which attempt is a copy of which: each student gets the demo's one after the other. */
    private function attempts(int $n, int $school, int $each): void
    {
        $this->database->statement('drop temporary table if exists fill_templates');
        $this->database->statement("create temporary table fill_templates (n int primary key, id uuid) as
            select row_number() over (order by id) as n, id from attempts
            where school_id = 1 and status = 'finished' and voided_at is null and walk_of is null");
        $templates = $this->database->table('fill_templates')->count();
        $this->numbers($each);
        $this->database->statement('drop temporary table if exists fill_attempts');
        $this->database->statement("create temporary table fill_attempts (id uuid primary key, template uuid,
            student_id bigint, k int) as
            select cast(concat('0190', lpad(hex($n), 4, '0'), '-0000-7000-8000-',
                    lpad(hex(s.id * 1000 + k.n), 12, '0')) as uuid) as id,
                t.id as template, s.id as student_id, k.n as k
            from students s join fill_numbers k
            join fill_templates t on t.n = 1 + (s.id * 7 + k.n) % $templates
            where s.school_id = $school");
        $same = static fn (string $table, string $on): string => "(select new.id from $table new join $table old
            on old.id = attempts.$on and new.slug = old.slug and new.version = old.version
            where new.school_id = $school)";
        $this->copy('attempts', '1 = 1', [
            'id' => 'f.id', 'school_id' => $school, 'student_id' => 'f.student_id',
            'scorer_id' => "(select id from users where school_id = $school order by id limit 1)",
            'checklist_id' => $same('checklists', 'checklist_id'), 'vehicle_id' => $same('vehicles', 'vehicle_id'),
            'started_at' => 'date_sub(attempts.started_at, interval f.k day)',
            'finished_at' => 'date_sub(attempts.finished_at, interval f.k day)',
            'source_id' => 'null', 'imported_by' => 'null', 'voided_by' => 'null',
        ], 'join fill_attempts f on f.template = attempts.id', keepsId: true);
    }

    private function rows(?int $marks): void
    {
        foreach (['attempt_results', 'item_outcomes', 'marks', ...($marks === null ? ['kept_sheets'] : [])] as $table) {
            $most = $marks === null || $table === 'attempt_results' ? '' : 'join (
                select attempt_id, '.($table === 'marks' ? 'id' : 'item').' as part, row_number() over (
                    partition by attempt_id order by '.($table === 'marks' ? 'at_ms, id' : 'item').') as place
                from '.$table.' where attempt_id in (select id from fill_templates)) few
                on few.attempt_id = '."$table.attempt_id and few.part = $table.".($table === 'marks' ? 'id' : 'item').
                " and few.place <= $marks";
            $this->copy($table, '1 = 1', ['attempt_id' => 'f.id', 'amendment_id' => 'null'],
                "join fill_attempts f on f.template = $table.attempt_id $most", keepsId: true);
        }
    }

    private function numbers(int $most): void
    {
        $this->database->statement('drop temporary table if exists fill_numbers');
        $this->database->statement("create temporary table fill_numbers (n int primary key) as
            select seq as n from seq_1_to_$most");
    }

    /** @param  array<string, string|int>  $with  SQL for columns that are not copied as they are */
    private function copy(string $table, string $where, array $with, string $join = '', bool $keepsId = false): void
    {
        $columns = [];
        foreach ($this->database->getSchemaBuilder()->getColumns($table) as $column) {
            $name = $column['name'];
            if ($column['generation'] === null && ($keepsId || $name !== 'id')) {
                $columns["`$name`"] = $with[$name] ?? "$table.`$name`";
            }
        }
        $this->database->statement(sprintf(
            'insert into %s (%s) select %s from %s %s where %s', $table, implode(', ', array_keys($columns)),
            implode(', ', $columns), $table, $join, $where,
        ));
    }
}
