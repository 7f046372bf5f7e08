<?php

declare(strict_types=1);

use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Symfony\Component\Process\Process;

function readiness(string ...$arguments): Process
{
    $process = new Process([PHP_BINARY, 'artisan', 'pasada:readiness', ...$arguments], base_path());
    $process->setTimeout(300);
    $process->run();

    return $process;
}

beforeEach(function (): void {
    $this->file = (string) tempnam(sys_get_temp_dir(), 'pasada');
    $this->history = json_decode((string) file_get_contents(base_path('examples/history.json')), true);
    // One student is enough to see how it is told.
    $this->history['students'] = [$this->history['students'][0], $this->history['students'][3]];
});

afterEach(function (): void {
    unlink($this->file);
});

it('answers in the published format, with a sentence where nothing is known', function (): void {
    file_put_contents($this->file, json_encode($this->history));
    $answer = json_decode(readiness("--history=$this->file")->getOutput());
    $schema = json_decode((string) file_get_contents(base_path('schemas/readiness.schema.json')));
    $read = json_decode((string) file_get_contents(base_path('schemas/history.schema.json')));

    expect((new Validator())->validate(Helper::toJSON($answer), $schema)->isValid())->toBeTrue()
        ->and((new Validator())->validate(Helper::toJSON($this->history), $read)->isValid())->toBeTrue()
        ->and($answer->students[0]->low)->toBeLessThanOrEqual($answer->students[0]->chance)
        ->and($answer->students[0]->chance)->toBeLessThanOrEqual($answer->students[0]->high)
        ->and($answer->students[1]->chance)->toBeNull();
});

it('tells what is wrong with a history, and what was left out of it', function (): void {
    $this->history['students'] = [[
        'id' => 's01', 'attempts' => [['at' => '2026-10-01', 'earned' => ['engine.flux_capacitor' => 1000]]],
    ]];
    file_put_contents($this->file, json_encode($this->history));
    $left = readiness("--history=$this->file", '--format=text');
    file_put_contents($this->file, '{"students": [');
    $broken = readiness("--history=$this->file");

    expect([$left->getExitCode(), $left->getErrorOutput()])
        ->toBe([0, "1 item is not asked by this checklist on this vehicle and left out: engine.flux_capacitor\n"])
        ->and($left->getOutput())->toContain('s01: Nothing was scored yet')
        ->and($broken->getExitCode())->toBe(2)
        ->and($broken->getErrorOutput())->toContain('this is not JSON');
});
