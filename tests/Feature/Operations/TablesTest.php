<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

/** @return list<string> files of the steps since servers are upgraded one by one */
function newSteps(): array
{
    return array_values(array_filter(
        glob(dirname(__DIR__, 3).'/database/migrations/*.php') ?: [],
        static fn (string $file): bool => basename($file) >= '2026_12_06',
    ));
}

it('has a primary key for every table: a replicated database cannot tell rows apart without one', function (): void {
    $without = DB::select("select t.table_name as name from information_schema.tables t
        left join information_schema.table_constraints c
            on c.table_schema = t.table_schema and c.table_name = t.table_name and c.constraint_type = 'PRIMARY KEY'
        where t.table_schema = database() and t.table_type = 'BASE TABLE' and c.constraint_name is null");

    expect(array_column($without, 'name'))->toBe([]);
});

it('keeps every table where it is replicated', function (): void {
    $others = DB::select("select table_name as name from information_schema.tables
        where table_schema = database() and table_type = 'BASE TABLE' and engine <> 'InnoDB'");

    expect(array_column($others, 'name'))->toBe([]);
});

// Servers are upgraded one by one: those of the version before work on the tables of the next. What is not needed any
// more goes one version later, in a step that says so here.
it('only adds to the tables', function (string $file): void {
    $up = (string) strstr((string) file_get_contents($file), 'public function down', true);
    // How a column is laid out on the disk is nobody's affair but the database's.
    $up = str_replace('modify sheet longtext compressed', '', $up);
    preg_match_all('/->(drop\w*|rename\w*|change)\(|\b(drop|rename|modify)\b/i', $up, $found);

    expect($found[0])->toBe([]);
})->with(newSteps());

it('is brought up to date by a second run where the first failed half-way', function (string $file): void {
    $before = DB::select('select table_name, column_name, column_type from information_schema.columns
        where table_schema = database() order by 1, 2');
    (require $file)->up();

    expect(DB::select('select table_name, column_name, column_type from information_schema.columns
        where table_schema = database() order by 1, 2'))->toEqual($before);
})->with(newSteps());

it('explains every index with the query that it is for', function (): void {
    $there = array_column(DB::select("select distinct concat(table_name, '.', index_name) as name, index_name as i
        from information_schema.statistics s where table_schema = database() and index_name <> 'PRIMARY'
        and not exists (select 1 from information_schema.referential_constraints r
            where r.constraint_schema = s.table_schema and r.constraint_name = s.index_name)"), 'i');
    preg_match_all('/^\| `(\w+)` \| \S/m', (string) file_get_contents(base_path('docs/indexes.md')), $told);

    expect($told[1])->toEqualCanonicalizing($there);
});
