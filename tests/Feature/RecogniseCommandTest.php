<?php

declare(strict_types=1);

use App\Speech\NoSound;
use App\Speech\PocketSphinx;
use App\Speech\SpokenLanguage;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;

// From sound to words, by the recognizer that ./pasada up installs.

beforeEach(function (): void {
    $this->file = sys_get_temp_dir().'/pasada-said-'.bin2hex(random_bytes(6)).'.wav';
});

afterEach(function (): void {
    @unlink($this->file);
});

it('turns what a voice says into words with their times', function (): void {
    (new Process([
        'flite', '-voice', 'rms', '-t', 'my slack adjuster is securely mounted, not cracked bent or broken.',
        '-o', $this->file,
    ]))->mustRun();
    expect(Artisan::call('pasada:recognise', [
        'file' => $this->file, '--vehicle' => 'dock-tractor-chassis', '--format' => 'json',
    ]))->toBe(0);
    $pieces = json_decode(Artisan::output(), true)['pieces'];
    $text = implode(' ', array_column($pieces, 'text'));
    expect($text)->toContain('slack adjuster')->toContain('securely mounted')->toContain('cracked')
        ->and($pieces[0]['from_ms'])->toBeGreaterThanOrEqual(0)->toBeLessThan(1000)
        ->and($pieces[0]['words'][0])->toHaveKeys(['word', 'from_ms', 'to_ms', 'confidence']);
});

it('makes the language anew where half of it is gone, for every account to read', function (): void {
    $language = app(SpokenLanguage::class);
    $name = $language->of(null);
    $was = (string) file_get_contents("$name.lm");
    unlink("$name.lm");
    $umask = umask(0o077);
    $again = $language->of(null);
    umask($umask);

    expect($again)->toBe($name)->and(file_get_contents("$name.lm"))->toBe($was)
        ->and(fileperms("$name.lm") & 0o777)->toBe(0o644)
        ->and(fileperms("$name.dict") & 0o777)->toBe(0o644);
});

it('says what is no sound, and ends with 2', function (?string $content, string $why): void {
    if ($content !== null) {
        file_put_contents($this->file, $content);
    }
    expect(Artisan::call('pasada:recognise', ['file' => $this->file]))->toBe(2)
        ->and(Artisan::output())->toContain($why);
})->with([
    'no file' => [null, 'there is no such file'],
    'a text called .wav' => ['This is no sound.', 'this is no sound that can be read'],
    'an empty file' => ['', 'this is no sound that can be read'],
]);

it('refuses a format that it does not know', function (): void {
    expect(Artisan::call('pasada:recognise', ['file' => $this->file, '--format' => 'mp3']))->toBe(2)
        ->and(Artisan::output())->toContain('"mp3" is not known');
});

it('says so when a recognizer dies', function (): void {
    (new Process(['sox', '-n', '-r', '16000', '-c', '1', '-b', '16', $this->file, 'synth', '1', 'sine', '300']))
        ->mustRun();
    (new PocketSphinx(new Filesystem, sys_get_temp_dir().'/no-model', 10))->recognize($this->file, '/nowhere/none');
})->throws(NoSound::class, 'the recognizer did not end well');

it('hears nothing in silence, without asking the recognizer', function (): void {
    (new Process(['sox', '-n', '-r', '16000', '-c', '1', '-b', '16', $this->file, 'trim', '0', '3']))->mustRun();

    expect((new PocketSphinx(new Filesystem, '/nowhere', 10))->recognize($this->file, '/nowhere/none'))->toBe([]);
});

it('offers other readings of what was said', function (): void {
    (new Process(['flite', '-voice', 'kal16', '-t', 'the brake drum is not cracked.', '-o', $this->file]))->mustRun();
    Artisan::call('pasada:recognise', [
        'file' => $this->file, '--vehicle' => 'dock-tractor-chassis', '--format' => 'json',
    ]);
    $piece = json_decode(Artisan::output(), true)['pieces'][0];

    $texts = array_column($piece['alternatives'], 'text');

    expect($texts[0])->toBe($piece['text'])->and(count($texts))->toBeGreaterThan(1)->toBeLessThanOrEqual(6)
        ->and($texts)->toBe(array_values(array_unique($texts)))
        ->and(array_sum(array_column($piece['alternatives'], 'weight')))->toEqualWithDelta(1.0, 1e-9);
});
