<?php

declare(strict_types=1);

use App\Speech\NoSound;
use App\Speech\SoundFile;
use App\Speech\WaveFile;
use Symfony\Component\Process\Process;

// What recorders, telephones and cameras write, made by the programs that convert it.

beforeEach(function (): void {
    $this->stem = sys_get_temp_dir().'/pasada-file-'.bin2hex(random_bytes(6));
    $this->make = function (string $ending, string ...$command): string {
        (new Process(array_map(fn (string $part): string => str_replace('FILE', $this->stem, $part), $command)))
            ->mustRun();

        return "$this->stem.$ending";
    };
});

afterEach(function (): void {
    array_map(unlink(...), (array) glob($this->stem.'.*'));
});

/** A tone of two seconds, and a picture beside it. */
const TONE = ['sox', '-n', '-r', '48000', 'FILE.wav', 'synth', '2', 'sine', '440', 'vol', '0.3'];
const PICTURE = ['-f', 'lavfi', '-i', 'color=c=gray:s=64x48:d=2'];

it('makes of it what recognizers hear, whatever it came as', function (string $ending, array $command): void {
    ($this->make)('wav', ...TONE);
    $file = ($this->make)($ending, ...$command);
    $made = (new SoundFile)->forHearing($file);
    $of = static fn (string $flag): string => trim((new Process(['soxi', $flag, $made]))->mustRun()->getOutput());

    expect([$of('-r'), $of('-c'), $of('-b')])->toBe(['16000', '1', '16'])
        ->and((float) $of('-D'))->toBeGreaterThan(1.9)->toBeLessThan(2.2);
    unlink($made);
})->with([
    'a telephone: 8 kHz, mono' => ['gsm.wav', ['sox', 'FILE.wav', '-r', '8000', '-c', '1', 'FILE.gsm.wav']],
    'a studio: 96 kHz, two channels, 24 bit' => [
        'big.wav', ['sox', 'FILE.wav', '-r', '96000', '-c', '2', '-b', '24', 'FILE.big.wav'],
    ],
    'FLAC' => ['flac', ['sox', 'FILE.wav', 'FILE.flac']], 'OGG' => ['ogg', ['sox', 'FILE.wav', 'FILE.ogg']],
    'MP3' => ['mp3', ['ffmpeg', '-v', 'error', '-i', 'FILE.wav', 'FILE.mp3']],
    'M4A' => ['m4a', ['ffmpeg', '-v', 'error', '-i', 'FILE.wav', '-c:a', 'aac', 'FILE.m4a']],
    'a video: its sound' => [
        'mp4', ['ffmpeg', '-v', 'error', '-i', 'FILE.wav', ...PICTURE, '-c:a', 'aac', '-c:v', 'mpeg4', 'FILE.mp4'],
    ],
    'an MP3 that calls itself WAV' => [
        'false.wav', ['ffmpeg', '-v', 'error', '-i', 'FILE.wav', '-f', 'mp3', 'FILE.false.wav'],
    ],
]);

it('says what nothing can be heard in, and leaves nothing behind', function (
    string $ending, array $command, string $why,
): void {
    $file = ($this->make)($ending, ...$command);
    mkdir($this->stem.'.made');

    expect(fn (): string => (new SoundFile($this->stem.'.made'))->forHearing($file))->toThrow(NoSound::class, $why)
        ->and(glob($this->stem.'.made/*'))->toBe([]);
    rmdir($this->stem.'.made');
})->with([
    'a video without sound' => [
        'mp4', ['ffmpeg', '-v', 'error', ...PICTURE, '-c:v', 'mpeg4', 'FILE.mp4'], 'no sound that can be read',
    ],
    'an empty file' => ['wav', ['touch', 'FILE.wav'], 'no sound that can be read'],
    'no sound in it' => ['wav', ['sox', '-n', '-r', '8000', 'FILE.wav', 'trim', '0', '0'], 'no sound that can be read'],
    'more than three hours' => [
        'flac', ['sox', '-n', '-r', '1000', '-b', '8', 'FILE.flac', 'trim', '0', '10900'], '3 hours',
    ],
]);

it('tells digital silence as silence', function (): void {
    $made = (new SoundFile)->forHearing(($this->make)('wav', 'sox', '-n', '-r', '16000', 'FILE.wav', 'trim', '0', '3'));

    expect(WaveFile::loudness($made)->strip(10))->each->toBe(0.0);
    unlink($made);
});
