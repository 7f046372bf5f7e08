<?php

declare(strict_types=1);

use Pasada\Core\Tests\Listening\Ear;

/** @return array<string, list<string>> defects by component, where there are any */
function defectsIn(string $said): array
{
    $found = [];
    foreach (Ear::hears($said)->heard as $proposal) {
        if ($proposal->defects !== []) {
            $found[$proposal->component] = $proposal->defects;
        }
    }

    return $found;
}

it('hears a defect that is reported', function (string $said, array $defects): void {
    expect(defectsIn($said))->toBe($defects);
})->with([
    'look at that' => ['my radiator is mounted, oh look at that, it is leaking', ['engine.radiator' => ['leaking']]],
    'I would report it' => ['the alternator belt is frayed, I would report that', ['engine.belts' => ['frayed']]],
    'a crack in what is named behind it' => [
        'oh there is a crack in this brake drum right here',
        ['brake.drum' => ['crack']],
    ],
    'on what is named behind it' => [
        'at the rear the doors work. hey there is a hole in the mud flap so I write it up',
        ['trailer.mud_flaps' => ['hole']],
    ],
]);

it('hears none in what is denied, asked, or only listed', function (string $said): void {
    expect(defectsIn($said))->toBe([]);
})->with([
    'my radiator is not leaking',
    'no cracks in the brake drum',
    'I look for cracks, bends and breaks on the pitman arm',
    'nothing is bent or broken on the drag link',
    'none of the leaf springs are cracked',
    'is the hose leaking',
    'I make sure that the tires have no cuts or bulges',
    'looking for leaks, I see none at the water pump',
]);

it('still hears what was said well of the same part before', function (): void {
    $heard = Ear::hears('my radiator is mounted and secure, oh look, it is leaking')->heard;

    expect($heard)
        ->toHaveCount(1)
        ->and($heard[0]->component)
        ->toBe('engine.radiator')
        ->and($heard[0]->defects)
        ->toBe(['leaking']);
});
