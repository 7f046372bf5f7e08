<?php

declare(strict_types=1);

use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Table;

/** @return array{array<int, array<string, string>>, list<string>} rows by line, and what is wrong */
function readTable(string $csv, int $most = 5): array
{
    $faults = [];
    $rows = Table::read($csv, ['id', 'name', 'note'], ['id', 'name'], $most, 'a list', $faults);

    return [$rows, array_map(static fn (Fault $fault): string => (string) $fault, $faults)];
}

it('reads a table as any spreadsheet saves it', function (string $csv, array $rows): void {
    expect(readTable($csv))->toBe([$rows, []]);
})->with([
    'commas' => ["id,name,note\n1,Hose,new\n", [2 => ['id' => '1', 'name' => 'Hose', 'note' => 'new']]],
    'semicolons' => ["id;name\n1;Hose, red\n", [2 => ['id' => '1', 'name' => 'Hose, red', 'note' => '']]],
    'tabs' => ["id\tname\n1\tHose\n", [2 => ['id' => '1', 'name' => 'Hose', 'note' => '']]],
    'a byte-order mark' => ["\u{FEFF}id,name\n1,Hose\n", [2 => ['id' => '1', 'name' => 'Hose', 'note' => '']]],
    'lines ended as elsewhere' => ["id,name\r\n1,Hose\r\n", [2 => ['id' => '1', 'name' => 'Hose', 'note' => '']]],
    'columns in another order and in capitals' => [
        "Note, NAME ,Id\nnew,Hose,1\n",
        [2 => ['id' => '1', 'name' => 'Hose', 'note' => 'new']],
    ],
    'a quoted line break' => [
        "id,name\n1,\"Hose\nred\"\n2,Drum\n",
        [2 => ['id' => '1', 'name' => "Hose\nred", 'note' => ''], 4 => ['id' => '2', 'name' => 'Drum', 'note' => '']],
    ],
    'a doubled quote' => ["id,name\n1,\"12\"\" wheel\"\n", [2 => ['id' => '1', 'name' => '12" wheel', 'note' => '']]],
    'blank lines and blank rows' => [
        "id,name\n\n1,Hose\n,\n2,Drum\n",
        [3 => ['id' => '1', 'name' => 'Hose', 'note' => ''], 5 => ['id' => '2', 'name' => 'Drum', 'note' => '']],
    ],
    'a row that ends early' => ["id,name,note\n1\n", [2 => ['id' => '1', 'name' => '', 'note' => '']]],
]);

it('says what is wrong with a table and where', function (string $csv, string ...$faults): void {
    expect(readTable($csv)[1])->toBe($faults);
})->with([
    'nothing' => [
        '',
        'line 1: has no column "id"; the columns are id, name, note',
        'line 1: has no column "name"; the columns are id, name, note',
    ],
    'a column too few' => ["id,title\n1,x\n", 'line 1: has no column "name"; the columns are id, name, note'],
    'a heading alone' => ["id,name\n", 'holds no row below its heading'],
    'more than it can have' => [
        "id,name\n".str_repeat("1,x\n", 6),
        'line 7: is more than the 5 rows that a list can have',
    ],
    'another encoding' => ["id,name\n1,\xE9tat\n", 'is not UTF-8; save it as "CSV UTF-8"'],
]);

it('reads back what it wrote, whatever is in the cells', function (string $cell): void {
    expect(readTable(Table::write(['id', 'name', 'note'], [['1', $cell, 'end']]))[0])->toBe([
        2 => ['id' => '1', 'name' => $cell, 'note' => 'end'],
    ]);
})->with(['plain', 'a, comma', 'a "quote"', "two\nlines", 'semi;colon', 'back\\slash', '=1+1', 'Größe']);

it('ends its lines as the standard has it', function (): void {
    expect(Table::write(['a', 'b'], [[1, null], [2.5, 'x']]))->toBe("a,b\r\n1,\r\n2.5,x\r\n");
});

it('runs in no spreadsheet, and comes back as it was', function (string $cell, string $written): void {
    $csv = Table::write(['id', 'name', 'note'], [['1', $cell, -5]]);

    expect($csv)
        ->toContain($written)
        ->toContain(',-5')
        ->and(readTable($csv)[0][2])
        ->toBe(['id' => '1', 'name' => trim($cell), 'note' => '-5']);
})->with([
    'a formula' => ['=cmd()', "'=cmd()"],
    'a plus' => ['+1+1', "'+1+1"],
    'a minus' => ['-1+1', "'-1+1"],
    'an at sign' => ['@sum(1)', "'@sum(1)"],
    'one that was made harmless already' => ["'=cmd()", "''=cmd()"],
    'a number' => ['-12', ',-12,'],
    'an apostrophe of its own' => ["'tis", ",'tis,"],
    'words' => ['Hose', ',Hose,'],
]);
