<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Ledger;
use Pasada\Core\Attempt\Replay;
use Pasada\Core\Attempt\Route;
use Pasada\Core\CoreException;
use Pasada\Core\Document\Faults;

arch('the core knows no framework')
    ->expect('Pasada\Core')
    ->not->toUse(['Illuminate', 'Laravel', 'Carbon', 'App', 'Symfony']);

arch('the core asks no clock, chance, setting or file')
    ->expect([
        'now', 'config', 'app', 'env', 'date', 'time', 'microtime', 'hrtime', 'rand', 'mt_rand', 'random_int',
        'random_bytes', 'uniqid', 'shuffle', 'file_get_contents', 'file_put_contents', 'getenv', 'dd', 'dump',
        'var_dump',
    ])
    ->not->toBeUsedIn('Pasada\Core');

arch('core classes are final')->expect('Pasada\Core')->classes()->toBeFinal();

arch('core classes are readonly, but for those that live for one reading or replay, and the exceptions')
    ->expect('Pasada\Core')
    ->classes()
    ->toBeReadonly()
    ->ignoring([
        Ledger::class,
        Replay::class,
        Route::class,
        Pasada\Core\Attempt\Tally::class,
        Pasada\Core\Attempt\SaidDetails::class,
        Pasada\Core\Attempt\Defects::class,
        Pasada\Core\Attempt\OffTopic::class,
        Pasada\Core\Attempt\Remarks::class,
        Pasada\Core\Brakes\Air\AirDevices::class,
        Pasada\Core\Scoring\SpokenOf::class,
        Pasada\Core\Scoring\Order\SectionOrder::class,
        Faults::class,
        Pasada\Core\Brakes\Air\AirSystem::class,
        Pasada\Core\Brakes\Air\AirMode::class,
        Pasada\Core\Listing\ListDocument::class,
        Pasada\Core\Listing\ListReader::class,
        Pasada\Core\Listening\Sheet\Turn::class,
        Pasada\Core\Listening\Sheet\Turns::class,
        Pasada\Core\Listening\Decoding\ClueReader::class,
        Pasada\Core\Listening\Decoding\Options::class,
        Pasada\Core\Listening\Decoding\Subject::class,
        Pasada\Core\Listening\Decoding\Trainer::class,
        Pasada\Core\Listening\Binding\Denial::class,
        Pasada\Core\Listening\Binding\Finding::class,
        'Captioning',
        Pasada\Core\Vehicle\AxlesReader::class,
        Pasada\Core\Progress\Model\Student::class,
        Pasada\Core\Progress\Model\SchoolFit::class,
        Pasada\Core\Progress\Yard\Board::class,
        Pasada\Core\Trail\TrailCheck::class,
        Pasada\Core\Speech\TalkSentences::class,
        Pasada\Core\Document\DocumentHasFaults::class,
        Pasada\Core\Inspection\NothingToInspect::class,
        Pasada\Core\Attempt\Marks\MarksConflict::class,
        Pasada\Core\Brakes\Events\EntriesConflict::class,
        'Pasada\Core\Tests',
    ]);

arch('every exception of the core can be caught as one')
    ->expect([
        Pasada\Core\Document\DocumentHasFaults::class,
        Pasada\Core\Inspection\NothingToInspect::class,
        Pasada\Core\Attempt\Marks\MarksConflict::class,
        Pasada\Core\Brakes\Events\EntriesConflict::class,
    ])
    ->toImplement(CoreException::class);

arch('strict types everywhere')->expect('Pasada\Core')->toUseStrictTypes();

/** What each room of the core may use of the others; nothing else, so no arrow can turn back. */
const ROOMS = [
    'Document' => [],
    'Language' => ['Document'],
    'Catalogue' => ['Document'],
    'Vehicle' => ['Document', 'Catalogue'],
    'Lights' => ['Vehicle'],
    'Brakes' => ['Document', 'Language', 'Catalogue', 'Vehicle'],
    'Checklist' => ['Document', 'Catalogue', 'Vehicle', 'Brakes'],
    'Inspection' => ['Catalogue', 'Vehicle', 'Lights', 'Checklist'],
    'Attempt' => ['Document', 'Catalogue', 'Lights', 'Checklist', 'Inspection'],
    'Scoring' => ['Catalogue', 'Vehicle', 'Brakes', 'Checklist', 'Inspection', 'Attempt'],
    'Coaching' => ['Document', 'Catalogue', 'Vehicle', 'Checklist', 'Inspection', 'Scoring'],
    'Listening' => ['Document', 'Language', 'Catalogue', 'Vehicle', 'Lights', 'Checklist', 'Inspection', 'Attempt'],
    'Listing' => ['Document', 'Language', 'Catalogue', 'Checklist', 'Listening'],
    'Progress' => ['Document', 'Catalogue', 'Vehicle', 'Checklist', 'Inspection', 'Scoring'],
    'Roster' => ['Document', 'Listing'],
    'Access' => [],
    'Export' => [],
    'Trail' => [],
    'Speech' => ['Language', 'Inspection', 'Coaching', 'Listening'],
];

/** @return array<string, string> source of every class of the core, by path below core/src */
function coreSources(): array
{
    $root = dirname(__DIR__).'/src/';
    $sources = [];
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file
    ) {
        assert($file instanceof SplFileInfo);
        $sources[substr($file->getPathname(), strlen($root))] = (string) file_get_contents($file->getPathname());
    }
    ksort($sources);

    return $sources;
}

it('lets a room of the core use earlier rooms only', function (string $room, array $mayUse): void {
    $wrong = [];
    foreach (coreSources() as $path => $source) {
        if (! str_starts_with($path, $room.'/')) {
            continue;
        }
        preg_match_all('/Pasada\\\\Core\\\\(\w+)\\\\/', $source, $found);
        foreach (array_diff(array_unique($found[1]), [$room, ...$mayUse]) as $other) {
            $wrong[] = "$path uses $other";
        }
    }

    expect($wrong)->toBe([]);
})->with(array_map(static fn (string $room): array => [$room, ROOMS[$room]], array_keys(ROOMS)));

it('lists the rooms in an order in which every room comes after those that it uses', function (): void {
    $seen = [];
    foreach (ROOMS as $room => $mayUse) {
        expect(array_diff($mayUse, $seen))->toBe([]);
        $seen[] = $room;
    }
    $rooms = array_unique(
        array_map(static fn (string $path): string => explode('/', $path)[0], array_keys(coreSources())),
    );

    expect(array_values(array_diff($rooms, $seen)))->toBe(['CoreException.php']);
});

it('keeps rooms small: no folder of the core holds more than 25 files', function (): void {
    $folders = array_count_values(array_map(dirname(...), array_keys(coreSources())));

    expect(array_filter($folders, static fn (int $files): bool => $files > 25))->toBe([]);
});
