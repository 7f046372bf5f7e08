<?php

declare(strict_types=1);

use Pasada\Core\Language\Sound;

function soundOf(string $words): string
{
    return implode('', array_map(Sound::of(...), explode(' ', $words)));
}

it('hears a trade word in what captions make of it', function (string $written, string $meant): void {
    expect(Sound::distance(soundOf($written), soundOf($meant)))->toBeLessThan(0.16);
})->with([
    ['altar nader', 'alternator'], ['clear ants lights', 'clearance lights'], ['a prawn', 'apron'],
    ['fifth will', 'fifth wheel'], ['lock in jaws', 'locking jaws'], ['king pen', 'king pin'],
    ['drake link', 'drag link'], ['quarter pins', 'cotter pins'], ['you bolts', 'u bolts'],
    ['brick chamber', 'brake chamber'], ['slack a juster', 'slack adjuster'], ['luck nuts', 'lug nuts'],
    ['glad ends', 'glad hands'], ['air compress her', 'air compressor'], ['leave springs', 'leaf springs'],
    ['pitt mun arm', 'pitman arm'], ['torc rod', 'torque rod'], ['radio ator', 'radiator'],
]);

it('does not take different things for the same', function (string $one, string $other): void {
    expect(Sound::distance(soundOf($one), soundOf($other)))->toBeGreaterThan(0.2);
})->with([
    ['brake drum', 'brake hose'], ['tire', 'rim'], ['radiator', 'alternator'], ['horn', 'heater'], ['door', 'drum'],
    ['shock', 'shackle bolt'], ['steps', 'straps and caps'],
]);

it('measures from nothing in common to the same, the same both ways', function (string $one, string $other): void {
    $there = Sound::distance(soundOf($one), soundOf($other));
    expect($there)
        ->toBe(Sound::distance(soundOf($other), soundOf($one)))
        ->toBeGreaterThanOrEqual(0.0)
        ->toBeLessThanOrEqual(1.0)
        ->and(Sound::distance(soundOf($one), soundOf($one)))
        ->toBe(0.0);
})->with([['spring', 'string'], ['hub seal', 'hop sale'], ['a', 'drive shaft'], ['air bag', 'airbags']]);

it('says no more than "far" once the limit is passed', function (): void {
    expect(Sound::distance(soundOf('radiator'), soundOf('bumper'), 0.1))->toBe(1.0);
});
