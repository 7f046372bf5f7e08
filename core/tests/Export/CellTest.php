<?php

declare(strict_types=1);

use Pasada\Core\Export\Cell;

it('makes a formula a text, and leaves numbers and names', function (string|int|float|null $value, string $cell): void {
    expect(Cell::of($value))->toBe($cell);
})->with([
    ['=1+1', "'=1+1"], ['+49', "'+49"], ['-2', "'-2"], ['@SUM(A1)', "'@SUM(A1)"], ["\t=1", "'\t=1"],
    [-2, '-2'], [0.5, '0.5'], [null, ''], ['Mira Tallgrass', 'Mira Tallgrass'], ["a\x00b", 'ab'],
]);

it('writes lines that are read as they were written', function (array $cells): void {
    expect(str_getcsv(rtrim(Cell::line($cells), "\r\n"), ',', '"', ''))->toBe(array_map(Cell::of(...), $cells));
})->with([[['a', 'b c', '']], [['say "no"', "two\nlines", 'x,y']], [['=A1', '7', 'é']]]);
