<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetWriter;
use Pasada\Core\Tests\Sample;
use Symfony\Component\Process\Process;

/** Runs a command as a person would, so that the exit code and both outputs are the real ones. */
function artisan(string ...$arguments): Process
{
    $process = new Process([PHP_BINARY, 'artisan', ...$arguments], base_path());
    $process->run();

    return $process;
}

/** A file of the text, in a folder of its own that goes with the test run. */
function fileOf(mixed $content): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'pasada');
    file_put_contents($file, is_string($content) ? $content : json_encode($content));

    return $file;
}

beforeEach(function (): void {
    $this->files = [
        '--checklist='.fileOf(Sample::checklistDocument()),
        '--vehicle='.fileOf(Sample::vehicleDocument()),
    ];
    $this->marks = static fn (Mark ...$marks): string => '--marks='.
        fileOf(['marks' => array_map(MarkWriter::write(...), $marks)]);
});

it('lists the items of documents given as files', function (): void {
    $items = json_decode(artisan('pasada:items', ...$this->files)->getOutput(), true)['items'];

    expect(array_column($items, 'id'))
        ->toBe(array_keys(Sample::inspection()->items))
        ->and($items[6])
        ->toMatchArray([
            'name' => 'Tyre, steer axle',
            'axle' => 'steer',
            'essential' => 'depth even',
            'figures' => 'depth: at least 4/32 in (49 CFR 393.75(b))',
        ]);
});

it('writes items as CSV with a heading and quotes doubled', function (): void {
    $document = Sample::with(Sample::checklistDocument(), ['components', 4, 'name'], 'Oil, the "dipstick"');
    $output = artisan('pasada:items', '--checklist='.fileOf($document), $this->files[1], '--format=csv')->getOutput();

    expect($output)->toStartWith('rank,id,component,name')->toContain('"Oil, the ""dipstick"""')
        ->and(substr_count(trim($output), "\n"))->toBe(8);
});

it('knows the shipped documents by their ids', function (): void {
    $run = artisan('pasada:items', '--checklist=whole-walk-round', '--vehicle=stake-truck');

    expect($run->getExitCode())
        ->toBe(0)
        ->and(count(json_decode($run->getOutput(), true)['items']))
        ->toBeGreaterThan(100);
});

it('scores a file of marks as the one way to a score does, in whatever order they stand', function (): void {
    $marks = [
        Sample::enter(0, 'cab'),
        Sample::whole(1, 'cab.seat_belt'),
        Sample::points(2, 'engine.alternator', Point::Mounted),
        Sample::undo(3, 1),
        Sample::finish(4),
    ];
    $sheet = json_decode((string) json_encode(SheetWriter::write(Sample::sheet([], ...$marks))), true);
    $run = artisan('pasada:score', ...[...$this->files, ($this->marks)(...array_reverse($marks))]);

    expect($run->getExitCode())->toBe(0)->and(json_decode($run->getOutput(), true))->toBe($sheet);
});

it('exits with 0 for a pass and a fail alike, and says in text what to learn', function (): void {
    $fail = artisan('pasada:score', ...[...$this->files, ($this->marks)(Sample::finish(1)), '--format=text']);
    $all = array_map(
        static fn (int $n, string $item): Mark => Sample::whole($n + 1, $item),
        range(0, 7),
        array_keys(Sample::inspection()->items),
    );
    $pass = artisan('pasada:score', ...[...$this->files, ($this->marks)(...$all), '--format=text']);

    expect($fail->getExitCode())
        ->toBe(0)
        ->and($fail->getOutput())
        ->toStartWith('Failed.')
        ->toContain('Tyre, steer axle: at least 4/32 in of tread')
        ->and($pass->getExitCode())
        ->toBe(0)
        ->and($pass->getOutput())
        ->toStartWith('Passed.');
});

it('reads a bare list, an empty one and a byte-order mark', function (string $text): void {
    expect(artisan('pasada:score', ...[...$this->files, '--marks='.fileOf($text)])->getExitCode())->toBe(0);
})->with([
    'bare list' => ['[{"id": "'.Sample::id(1).'", "at_ms": 5, "kind": "finished"}]'],
    'nothing said' => ['[]'],
    'with a byte-order mark' => ["\u{FEFF}".'{"marks": []}'],
]);

it('names every fault on standard error and exits with 2', function (array $arguments, string $says): void {
    $run = artisan(...$arguments);

    expect($run->getExitCode())
        ->toBe(2)
        ->and($run->getErrorOutput())
        ->toContain($says)
        ->and($run->getOutput())
        ->toBe('');
})->with([
    'no checklist' => [['pasada:items', '--vehicle=stake-truck'], '--checklist: is missing; give an id or a file'],
    'an unknown checklist' => [
        ['pasada:items', '--checklist=nope', '--vehicle=stake-truck'],
        '--checklist: "nope" is neither a file that can be read nor the id of one in checklists/',
    ],
    'an unknown format' => [
        ['pasada:items', '--checklist=whole-walk-round', '--vehicle=stake-truck', '--format=xml'],
        '--format: "xml" is not known; it may be json or csv',
    ],
    'no such file of marks' => [
        ['pasada:score', '--checklist=whole-walk-round', '--vehicle=stake-truck', '--marks=none.json'],
        '--marks: "none.json" is no file that can be read',
    ],
    'marks that are no JSON' => [
        ['pasada:score', '--checklist=whole-walk-round', '--vehicle=stake-truck', '--marks=README.md'],
        'README.md: this is not JSON',
    ],
]);

it('names the place of each fault in the file', function (): void {
    $broken = fileOf(
        Sample::with(
            Sample::with(Sample::checklistDocument(), ['components', 0, 'essential', 0], 'wroks'),
            ['rules', 'axles'],
            'some',
        ),
    );
    $errors = artisan('pasada:items', "--checklist=$broken", $this->files[1])->getErrorOutput();
    $marks = artisan(
        'pasada:score',
        ...[...$this->files, ($this->marks)(Sample::whole(1, 'engine.rocket'), Sample::undo(2, 9))],
    )->getErrorOutput();

    expect($errors)
        ->toContain('components[0].essential[0]: "wroks" is not known; did you mean "works"?')
        ->toContain('rules.axles: "some" is not known')
        ->and($marks)
        ->toContain('marks[0].item: "engine.rocket" is not on the sheet')
        ->toContain('marks[1].undoes: names no mark of this attempt');
});

it('gives the same sheet byte for byte', function (): void {
    $marks = MarkList::of(Sample::whole(1, 'cab.seat_belt'), Sample::finish(2));
    $write = static fn (): string => (string) json_encode(
        SheetWriter::write(ScoreSheet::from(Sample::checklist(), Sample::vehicle(), null, $marks)),
    );

    expect($write())->toBe($write());
});

it('lists and scores what one form asks', function (): void {
    $count = static fn (string ...$form): int => count(
        json_decode(
            artisan(
                'pasada:items', '--checklist=cab-brakes-and-drawn-form', '--vehicle=dock-tractor-chassis', ...$form,
            )->getOutput(),
            true,
        )['items'],
    );
    $wrong = artisan(
        'pasada:score', '--checklist=cab-brakes-and-drawn-form', '--vehicle=dock-tractor-chassis', '--form=z',
        ($this->marks)(Sample::finish(1)),
    );

    expect($count('--form=a'))->toBeLessThan($count())->and($wrong->getExitCode())->toBe(2)
        ->and($wrong->getErrorOutput())->toContain('--form: "z" is no form of this checklist; it has a, b, c');
});
