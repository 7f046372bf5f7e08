<?php

declare(strict_types=1);

use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Decoding\Decoder;
use Pasada\Core\Listening\Decoding\Teller;
use Pasada\Core\Listening\Decoding\Told;
use Pasada\Core\Listening\Decoding\Trainer;
use Pasada\Core\Listening\Decoding\WalkClues;
use Pasada\Core\Listening\Decoding\Weights;
use Pasada\Core\Listening\Hearing;
use Pasada\Core\Tests\Listening\Ear;

function cluesOf(string $said): WalkClues
{
    return Hearing::of(Words::of(new Transcript([new Cue(0.0, $said)])), Ear::lexicon())->clues();
}

/** @return array<string, list<string>> point codes by component and axle */
function heardBy(Weights $weights, string $said): array
{
    $decoder = new Decoder(cluesOf($said), $weights);
    $heard = [];
    foreach ((new Teller($decoder))->findings($decoder->best()) as $finding) {
        $heard[$finding->placed->key()] = array_keys($finding->points);
    }

    return $heard;
}

/** Takes numbers in turn, so that the same is learnt in every run. */
function inTurn(): Closure
{
    $turn = 0;

    return static function (int $count) use (&$turn): int {
        return $turn++ % $count;
    };
}

it('learns from the truth what nothing was set for', function (string $said, array $truth): void {
    $trainer = new Trainer([]);
    $trainer->take(cluesOf($said), Told::anywhere($truth));

    expect(heardBy($trainer->learn(20, 0.5, inTurn()), $said))->toBe($truth);
})->with([
    'a speaker who names first' => [
        'radiator tight. water pump not leaking. alternator not cracked.',
        ['engine.radiator@' => ['mounted'], 'engine.water_pump@' => ['sealed'], 'engine.alternator@' => ['intact']],
    ],
    'a speaker who names last' => [
        'tight the radiator. not leaking the water pump. not cracked the alternator.',
        ['engine.radiator@' => ['mounted'], 'engine.water_pump@' => ['sealed'], 'engine.alternator@' => ['intact']],
    ],
]);

it('learns the same from the same', function (): void {
    $learnt = static function (): array {
        $trainer = new Trainer([]);
        $trainer->take(
            cluesOf('radiator tight. water pump not leaking'), Told::anywhere(['engine.radiator@' => ['mounted']]),
        );

        return $trainer->learn(3, 0.1, inTurn())->of;
    };

    expect($learnt())->toBe($learnt());
});

it('learns how likely something is by its signs', function (): void {
    $trainer = new Trainer([]);
    foreach (range(1, 20) as $n) {
        $trainer->judge('sure', ['dear' => 1.0], $n % 4 === 0);
        $trainer->judge('sure', ['dear' => 0.0], $n % 4 !== 0);
    }
    $weights = $trainer->learn(200, 0.3, inTurn());
    $likely = static fn (float $dear): float => 1 / (1 + exp(
        -$weights->alone('sure') - $weights->score('sure', ['dear' => $dear]),
    ));

    expect($likely(1.0))->toBeGreaterThan(0.15)->toBeLessThan(0.35)
        ->and($likely(0.0))->toBeGreaterThan(0.65)->toBeLessThan(0.85);
});
