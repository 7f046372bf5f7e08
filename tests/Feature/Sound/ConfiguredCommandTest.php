<?php

declare(strict_types=1);

use App\Speech\ConfiguredCommand;
use App\Speech\NoSound;
use App\Speech\PocketSphinx;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWriter;
use Pasada\Core\Speech\Recognizer;

// A school's own recognizer: any program that prints what it heard.

/** @return list<HeardPiece> what is taken from a program that prints this */
function printed(string $output): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'pasada-printed-');
    file_put_contents($file, $output);
    try {
        // The path of the sound comes last; it is a remark here.
        $cat = new ConfiguredCommand('cat '.escapeshellarg($file).' #', 5);

        return $cat->recognize('/no/sound.wav', '/no/language');
    } finally {
        unlink($file);
    }
}

it('reads WebVTT, and JSON with other readings', function (string $output, array $told): void {
    expect(array_map(
        static fn (array $one): array => [$one['from_ms'], $one['text'], array_column($one['alternatives'], 'text')],
        HeardWriter::pieces(printed($output)),
    ))->toBe($told);
})->with([
    'WebVTT' => ["WEBVTT\n\n00:01.000 --> 00:02.000\nThe seat belt, 100 psi.\n", [
        [1000, 'the seat belt one hundred psi', []],
    ]],
    'JSON' => ['{"pieces": [{"from_ms": 500, "text": "tight"}, {"from_ms": 900, "alternatives": [
        {"text": "no leaks", "weight": 0.7}, {"text": "no leeks", "weight": 0.3}]}]}', [
        [500, 'tight', []], [900, 'no leaks', ['no leaks', 'no leeks']],
    ]],
    'silence' => ['{"pieces": []}', []],
]);

it('says what is wrong with a program that is none', function (string $command, string $why): void {
    expect(fn () => (new ConfiguredCommand($command, 1))->recognize('/no/sound.wav', '/no/language'))
        ->toThrow(NoSound::class, $why);
})->with([
    'it hangs' => ['sleep 30 #', 'no answer within 1 s'], 'it dies' => ['kill -9 $$ #', 'signal 9'],
    'it is not there' => ['no-such-recognizer', 'exit code 127'],
    'it prints nonsense' => ['echo hello #', 'neither WebVTT'],
    'it prints something else in JSON' => ["echo '{\"words\": 3}' #", 'cannot be read'],
]);

it('takes the place of the shipped one where it is set', function (): void {
    expect(app(Recognizer::class))->toBeInstanceOf(PocketSphinx::class);
    config(['pasada.recognizer_command' => 'school-recognizer']);
    expect(app(Recognizer::class))->toBeInstanceOf(ConfiguredCommand::class);
});
