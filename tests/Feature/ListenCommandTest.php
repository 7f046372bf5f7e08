<?php

declare(strict_types=1);

use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Symfony\Component\Process\Process;

function listen(string ...$arguments): Process
{
    $process = new Process([PHP_BINARY, 'artisan', 'pasada:listen', ...$arguments], base_path());
    $process->run();

    return $process;
}

beforeEach(function (): void {
    $this->file = (string) tempnam(sys_get_temp_dir(), 'pasada');
    $this->walk = base_path('examples/walk.vtt');
});

afterEach(function (): void {
    unlink($this->file);
});

it('tells what was heard in the published format', function (): void {
    $heard = json_decode(listen($this->walk)->getOutput());
    $result = (new Validator())->validate(
        Helper::toJSON($heard),
        json_decode((string) file_get_contents(base_path('schemas/listening.schema.json'))),
    );

    expect($result->isValid())
        ->toBeTrue()
        ->and(count($heard->heard))
        ->toBeGreaterThan(90)
        ->and(array_unique(array_map(fn (object $one): string => $one->component.'@'.$one->axle, $heard->heard)))
        ->toHaveCount(count($heard->heard));
});

it('tells it to a reader in walking order', function (): void {
    $text = listen($this->walk, '--format=text')->getOutput();

    expect(strpos($text, 'engine.coolant'))->toBeLessThan(strpos($text, 'brake.chamber @steer'))
        ->and(strpos($text, 'brake.chamber @steer'))->toBeLessThan(strpos($text, 'brake.chamber @trailer'))
        ->and($text)->toContain('reference: other axle at the drive axle, brake');
});

it('listens for what a checklist asks of a vehicle, and calls the rest off the list', function (): void {
    $heard = json_decode(
        listen($this->walk, '--checklist=whole-walk-round', '--vehicle=dock-tractor-chassis')->getOutput(),
        true,
    );

    expect(array_column($heard['heard'], 'component'))->not->toContain('trailer.header_board')
        ->and(implode(' ', array_column($heard['offList'], 'text')))->toContain('header board');
});

it('says what is wrong with a file on standard error, and exits with 2', function (string $content, string $why): void {
    file_put_contents($this->file, $content);
    $process = listen($this->file);

    expect($process->getExitCode())
        ->toBe(2)
        ->and($process->getErrorOutput())
        ->toContain(basename($this->file))
        ->toContain($why)
        ->and($process->getOutput())
        ->toBe('');
})->with([['', 'no words'], ["\x00\x01\x02", 'binary'], ["WEBVTT\n\nhello\n", 'no words']]);

it('refuses a file beyond its limit without reading it', function (): void {
    $handle = fopen($this->file, 'w');
    assert($handle !== false);
    ftruncate($handle, 60 * 1024 * 1024);
    fclose($handle);

    expect(listen($this->file)->getErrorOutput())->toContain('larger than 20 MB');
});

it('names what it does not know', function (array $arguments, string $why): void {
    $process = listen(...$arguments);

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->toContain($why);
})->with([
    [['no-such.vtt'], 'no file that can be read'],
    [['examples/walk.vtt', '--vehicle=zeppelin', '--checklist=whole-walk-round'], 'zeppelin'],
    [['examples/walk.vtt', '--checklist=none'], 'none'],
    [['examples/walk.vtt', '--format=pdf'], 'json or text'],
]);

it('warns of what is odd and reads on', function (): void {
    file_put_contents($this->file, "[1:00] rim not bent\n[0:30] drum not cracked\n");
    $process = listen($this->file);

    expect($process->getExitCode())
        ->toBe(0)
        ->and($process->getErrorOutput())
        ->toContain('run backwards')
        ->and($process->getOutput())
        ->toContain('brake.drum');
});

it('shows names of parts that sound the same', function (): void {
    $process = new Process([PHP_BINARY, 'artisan', 'pasada:lexicon'], base_path());
    $process->run();

    expect($process->getExitCode())
        ->toBe(0)
        ->and($process->getOutput())
        ->toContain('by place')
        ->toContain('tractor.frame');
});

it('takes the readings of a recognizer, and picks with what it knows', function (): void {
    file_put_contents($this->file, json_encode(['pieces' => [[
        'from_ms' => 4000,
        'alternatives' => [
            ['text' => 'the water bump is not licking', 'weight' => 2],
            ['text' => 'the water pump is not leaking', 'weight' => 1],
        ],
    ]]]));

    $heard = json_decode(listen($this->file)->getOutput(), true)['heard'];
    expect($heard)->toHaveCount(1)
        ->and($heard[0]['component'])->toBe('engine.water_pump')
        ->and($heard[0]['evidence'][0]['text'])->toContain('not leaking');
});
