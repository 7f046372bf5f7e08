<?php

declare(strict_types=1);

use Pasada\Core\Tests\Listening\Ear;

it('hears a name that captions made an everyday word of, where a name stands and the part is', function (
    string $said,
    array $heard,
): void {
    expect(Ear::points($said))->toMatchArray($heard);
})->with([
    'at the head of a sentence' => [
        'on the drive axle air bag no leaks. Talk arm, mounted, not cracked.',
        ['susp.torque_arm@drive' => 'intact mounted'],
    ],
    'a single word before a denial' => [
        'on the steer axle tire evenly worn. Ring no cracks. Lug nuts none missing.',
        ['wheel.rim@steer' => 'intact'],
    ],
    'behind a statement, without a stop' => [
        'steer axle drum not cracked bright chamber tight and not leaking',
        ['brake.chamber@steer' => 'mounted sealed'],
    ],
    'one that begins with a plain word' => [
        'steer axle leaf springs not shifted. You both are tight. Shock not leaking.',
        ['susp.u_bolts@steer' => 'mounted'],
    ],
    'with a word in it that states something elsewhere' => [
        'back of the cab air lines no leaks. Cat work, make sure it is clean.',
        ['tractor.catwalk' => 'clean'],
    ],
]);

it('hears the same words as no name where the part is not, or no name stands', function (string $said): void {
    expect(Ear::points($said))->not->toHaveKey('wheel.rim@steer')->not->toHaveKey('wheel.rim@drive');
})->with([
    'elsewhere' => ['in the cab the windshield is clean. Ring no cracks. Wipers work.'],
    'in talk' => ['on the steer axle tire evenly worn and I gave my wife a ring for her birthday last week'],
]);

it('hears a word for a fault in a list of faults', function (string $said, array $heard): void {
    expect(Ear::points($said))->toMatchArray($heard);
})->with([
    ['the drum is not cracked no whales on it', ['brake.drum@steer' => 'intact no_welds']],
    ['lug nuts none missing no russ on them', ['wheel.lug_nuts@steer' => 'complete no_looseness']],
]);
