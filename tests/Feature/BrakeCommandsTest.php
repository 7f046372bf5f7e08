<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Events\EventWriter;
use Pasada\Core\Tests\Brakes\Scene;
use Symfony\Component\Process\Process;

function brakes(string $command, string ...$arguments): Process
{
    $process = new Process([PHP_BINARY, 'artisan', $command, ...$arguments], base_path());
    $process->run();

    return $process;
}

beforeEach(function (): void {
    $this->file = (string) tempnam(sys_get_temp_dir(), 'pasada');
    $this->scene = function (Scene $scene): string {
        file_put_contents($this->file, json_encode(['events' => array_map(EventWriter::write(...), $scene->events)]));

        return '--events='.$this->file;
    };
});

afterEach(function (): void {
    unlink($this->file);
});

it('judges a list from outside by each of the four sequences', function (string $checklist, bool $tugsFirst): void {
    $judged = json_decode(
        brakes(
            'pasada:brakes',
            "--checklist=$checklist",
            '--vehicle=quay-sleeper-van',
            ($this->scene)((new Scene())->everything($tugsFirst)),
        )->getOutput(),
        true,
    );

    expect($judged['standing'])->toBe('passed')->and($judged['steps'])->toHaveCount(9);
})->with([
    ['every-axle-every-point', false], ['whole-walk-round', false], ['cab-brakes-and-drawn-form', true],
    ['short-list-grouped', false],
]);

it('tells the first cause to a reader', function (): void {
    $process = brakes(
        'pasada:brakes',
        '--checklist=every-axle-every-point',
        '--vehicle=quay-sleeper-van',
        '--format=text',
        ($this->scene)(
            (new Scene())->then(EventKind::Engine, 'on')->then(EventKind::CutOut, '', 122, 122)->ready()->leakTest(5),
        ),
    );

    expect($process->getExitCode())
        ->toBe(0)
        ->and($process->getOutput())
        ->toContain('Failed. First: leak test, brakes applied: lost 5 psi in 60 s, 4 allowed for a combination.');
});

it('judges by the limits that the vehicle has of its own', function (string $vehicle, string $told): void {
    $scene = (new Scene())->then(EventKind::Engine, 'on')->then(EventKind::CutOut, '', 128, 128);
    $judged = json_decode(
        brakes(
            'pasada:brakes', '--checklist=whole-walk-round', "--vehicle=$vehicle", ($this->scene)($scene),
        )->getOutput(),
        true,
    );

    expect($judged['steps'][0]['what'])->toBe($told);
})->with([
    ['quay-sleeper-van', 'cut out at 128 psi, between 110 and 125 asked'],
    ['frost-reefer', 'cut out at 128 psi, between 115 and 130 asked'],
    ['dock-tractor-chassis', 'cut out at 128 psi, between 100 and 140 asked'],
]);

it('names the event that is wrong and the remedy', function (string $events, string $place, string $why): void {
    file_put_contents($this->file, $events);
    $process = brakes(
        'pasada:brakes', '--checklist=every-axle-every-point', '--vehicle=quay-sleeper-van', '--events='.$this->file,
    );

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->toContain($place)->toContain($why);
})->with([
    [
        '{"events": [{"at_ms": 5, "kind": "key", "to": "on"}, {"at_ms": 1, "kind": "key", "to": "off"}]}',
        'events[1].at_ms',
        'before the event in front of it',
    ],
    [
        '{"events": [{"at_ms": 5, "kind": "reading", "primary": 240, "secondary": 120}]}',
        'events[0].primary',
        'a gauge shows 0 to 200',
    ],
    [
        '{"events": [{"at_ms": 5, "kind": "reading", "primary": -1, "secondary": 120}]}',
        'events[0].primary',
        'a gauge shows 0 to 200',
    ],
    ['{"events": [{"at_ms": 5, "kind": "minute-ended"}]}', 'events[0].kind', 'not started'],
    ['{"events": [{"at_ms": 5, "kind": "key", "to": "sideways"}]}', 'events[0].to', 'it may be on, off'],
    ['{"events": [{"at_ms": 5, "kind": "reading", "primary": 90}]}', 'events[0].secondary', 'missing'],
    ['not json', '', 'JSON'],
]);

it('runs the air system and writes its course', function (): void {
    file_put_contents(
        $this->file,
        '{"start_psi": 60, "until_ms": 10000, "events": [{"at_ms": 0, "kind": "engine", "to": "on"}, {"at_ms": 0, '.
            '"kind": "rpm", "value": 900}]}',
    );
    $csv = brakes('pasada:air', '--vehicle=stake-truck', '--script='.$this->file)->getOutput();
    $json = json_decode(
        brakes('pasada:air', '--vehicle=stake-truck', '--script='.$this->file, '--format=json')->getOutput(),
        true,
    );

    expect(explode("\r\n", $csv)[0])
        ->toBe('at_ms,supply,primary,secondary,trailer,primary_gauge,warning')
        ->and(substr_count($csv, "\r\n"))
        ->toBe(12)
        ->and($json['samples'][10]['primary'])
        ->toBeGreaterThan(65);
});

it('refuses a fault or script that it does not know', function (string $faults, string $script, string $why): void {
    file_put_contents($this->file, $script);
    $process = brakes('pasada:air', '--vehicle=stake-truck', '--script='.$this->file, "--faults=$faults");

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->toContain($why);
})->with([
    ['rust', '{"until_ms": 1, "events": []}', '"rust" is not known'],
    ['leak:roof:3', '{"until_ms": 1, "events": []}', 'is no leak'],
    ['', '{"events": []}', 'until_ms'],
]);

it('has examples that are as they should be', function (): void {
    $judged = brakes(
        'pasada:brakes', '--checklist=whole-walk-round', '--vehicle=dock-tractor-chassis',
        '--events=examples/brakes.csv', '--format=text',
    )->getOutput();
    $rows = explode(
        "\r\n",
        trim(brakes('pasada:air', '--vehicle=dock-tractor-chassis', '--script=examples/air.json')->getOutput()),
    );

    expect($judged)
        ->toStartWith('Passed.')
        ->toContain('lost 2 psi in 60.2 s')
        ->and($rows)
        ->toHaveCount(242)
        ->and($rows[0])
        ->toStartWith('at_ms,');
});
