<?php

declare(strict_types=1);

use Pasada\Core\Language\Cue;
use Pasada\Core\Language\NumberGrammar;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;

/** @return list<string> */
function figuresIn(string $text): array
{
    return array_map(
        static fn (Quantity $one): string => trim(
            $one->value.($one->high === null ? '' : '..'.$one->high).' '.$one->unit->value,
        ),
        (new NumberGrammar())->find(Words::of(new Transcript([new Cue(0.0, $text)]))),
    );
}

it('reads a tread in every shape that captions give it', function (string $text, int $many): void {
    expect(figuresIn($text))->toBe([$many.' thirty-seconds']);
})->with([
    ['four thirty seconds', 4], ['for thirty seconds of tread', 4], ['at least 430 seconds', 4], ['4.30 seconds', 4],
    ['432nds', 4], ['4 32nds', 4], ['4/32 of an inch', 4], ['four thirty-seconds', 4],
    ['two thirty-seconds of an inch', 2], ['2/32', 2], ['230 seconds', 2], ['to thirty seconds', 2], ['too 32nds', 2],
    ['two thirty two', 2], ['232nds', 2], ['six thirty seconds', 6],
]);

it('reads lengths, pressures and the other figures of the trade', function (string $text, string ...$figures): void {
    expect(figuresIn($text))->toBe($figures);
})->with([
    ['no more than three quarters of an inch', '0.75 inches'],
    ['three quarter inch', '0.75 inches'],
    ['a quarter inch', '0.25 inches'],
    ['one quarter', '0.25 fraction'],
    ['one fourth', '0.25 fraction'],
    ['1/4', '0.25 fraction'],
    ['one eighty to two ten degrees', '180..210 degrees'],
    ['starts at one eighteen psi', '118 psi'],
    ['half to three quarters of an inch', '0.5..0.75 inches'],
    ['an inch at the most', '1 inches'],
    ['one-inch plate', '1 inches'],
    ['3/4"', '0.75 inches'],
    ['½ inch', '0.5 inches'],
    ['1 1/2 inches', '1.5 inches'],
    ['two and a half inches', '2.5 inches'],
    ['eighteen inches', '18 inches'],
    ['a hundred psi', '100 psi'],
    ['one hundred and twenty psi', '120 psi'],
    ['one oh five psi', '105 psi'],
    ['between one twenty and one forty psi', '120..140 psi'],
    ['between 120 and 140 psi', '120..140 psi'],
    ['four pounds', '4 psi'],
    ['120 to 140 P S I', '120..140 psi'],
    ['170 to 210 degrees', '170..210 degrees'],
    ['ten degrees', '10 degrees'],
    ['12 to 14.5 volts', '12..14.5 volts'],
    ['twelve to fourteen point five volts', '12..14.5 volts'],
    ['50%', '50 percent'],
    ['fifty percent', '50 percent'],
    ['600 to 900 RPMs', '600..900 rpm'],
    ['within 45 seconds', '45 seconds'],
    ['five miles an hour', '5 mph'],
    ['hundred and five', '105'],
    ['three triangles', '3'],
    ['ninety-five', '95'],
    ['twenty two inches', '22 inches'],
]);

it('finds no figure where there is none', function (string $text): void {
    expect(figuresIn($text))->toBe([]);
})->with(['a brake hose', 'an air bag for the drive axle', 'to the frame', 'the second axle', '']);
