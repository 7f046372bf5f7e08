<?php

declare(strict_types=1);

use App\Speech\PocketSphinx;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\NgramModel;
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

it('takes a recognizer that dies for what it is', function (): void {
    $broken = new PocketSphinx(new Filesystem, sys_get_temp_dir().'/no-model', sys_get_temp_dir().'/pasada-none', 10);
    $broken->recognize($this->file, NgramModel::of([[['tight'], 1.0]]));
})->throws(Exception::class);

it('reads pieces by their pauses, without what is no word', function (): void {
    $pieces = PocketSphinx::read(implode("\n", [
        'the drum is tight', '<s> 0.000 0.150 0.9', 'the(2) 0.160 0.410 0.99', 'drum 0.420 0.820 0.5',
        '<sil> 0.83 1.3 0.9', 'is 1.350 1.480 0.7', '[NOISE] 1.5 1.6 0.1', 'tight 1.6 1.9 1.2', '</s> 1.9 2.0 1.0',
    ]));

    expect(array_map(static fn (HeardPiece $one): array => [$one->text(), $one->fromMs(), $one->toMs()], $pieces))
        ->toBe([['the drum', 160, 820], ['is tight', 1350, 1900]])
        ->and($pieces[1]->words[1]->confidence)->toBe(1.0)->and(PocketSphinx::read(''))->toBe([]);
});
