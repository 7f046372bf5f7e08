<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Listening\Speech\SpeechMaker;
use Pasada\Core\Tests\Listening\Speech\Style;
use Pasada\Core\Vehicle\VehicleReader;

/** @return list<string> the sentences of an invented walk, the same for the same style */
function sentencesOf(Style $style): array
{
    $read = static fn (string $path): string => (string) file_get_contents(dirname(__DIR__, 3).'/'.$path);
    $inspection = Inspection::of(
        (new ChecklistReader())->read($read('checklists/whole-walk-round.json')),
        (new VehicleReader())->read($read('vehicles/dock-tractor-chassis.json')),
    );

    return array_slice(
        (new SpeechMaker($inspection, $style, 4, Aliases::read($read('catalogue/aliases.json'))))->speak()->sentences,
        0, 60,
    );
}

/** @return list<string> "My alternator is tight.": one plain sentence for each of many parts, in walking order */
function plainSentences(): array
{
    $read = static fn (string $path): string => (string) file_get_contents(dirname(__DIR__, 3).'/'.$path);
    $inspection = Inspection::of(
        (new ChecklistReader())->read($read('checklists/whole-walk-round.json')),
        (new VehicleReader())->read($read('vehicles/dock-tractor-chassis.json')),
    );
    $sentences = [];
    foreach ($inspection->items as $item) {
        $statement = match (true) {
            $item->points->has(Point::Sealed) => 'is not leaking',
            $item->points->has(Point::Mounted) => 'is tight',
            $item->points->has(Point::Intact) => 'is not cracked',
            default => null,
        };
        if ($statement !== null && preg_match('~^[A-Z][a-z ]+$~', $item->name) === 1) {
            $sentences[] = 'My '.lcfirst($item->name).' '.$statement.'.';
        }
    }

    return $sentences;
}

it('hears the same wherever the captions are cut', function (Style $style): void {
    $words = explode(' ', implode(' ', sentencesOf($style)));
    $cut = static fn (int $many): array => array_map(
        static fn (array $some): string => implode(' ', $some),
        array_chunk($words, $many),
    );

    expect(Ear::points(...$cut(7)))->toBe(Ear::points(...$cut(50)));
})->with([Style::Terse, Style::Teaching, Style::Lister]);

it('hears the same with silence between the sentences, however they are said', function (Style $style): void {
    $sentences = array_map(static fn (string $one): string => ucfirst($one).'.', sentencesOf($style));
    $apart = array_merge(...array_map(static fn (string $one): array => [$one, ''], $sentences));

    expect(Ear::points(...$apart))->toBe(Ear::points(...$sentences));
})->with([Style::Sentences, Style::Teaching, Style::Lister, Style::Joint]);

it('hears no more when something is said twice', function (): void {
    $sentences = plainSentences();
    $twice = array_merge(...array_map(static fn (string $one): array => [$one, $one], $sentences));

    expect(array_keys(Ear::points(...$twice)))->toBe(array_keys(Ear::points(...$sentences)));
});

it('hears of the same parts with silence and talk between the sentences', function (string $between): void {
    $sentences = plainSentences();
    $apart = array_merge(...array_map(static fn (string $one): array => [$one, $between], $sentences));

    expect(array_keys(Ear::points(...$apart)))->toBe(array_keys(Ear::points(...$sentences)));
})->with(['silence' => '', 'talk' => 'Please take your time.']);

it('reads what is no walk in bounded time, and hears nothing in it or something sensible', function (
    string $text,
): void {
    expect(count(Ear::points($text)))->toBeLessThan(4);
})->with([
    'one letter repeated' => [str_repeat('a ', 5000)],
    'one name five thousand times' => [str_repeat('radiator ', 5000)],
    'nothing but numbers' => [str_repeat('4 32 100 7 ', 2000)],
    'written from right to left' => [str_repeat('שלום עולם ', 1000)],
    'small pictures' => [str_repeat('🚚 🔧 ', 1000)],
]);
