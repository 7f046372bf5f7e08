<?php

declare(strict_types=1);

use Pasada\Core\Language\Alternative;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Tests\Listening\Ear;

it('hears what people mean', function (string $said, array $heard): void {
    expect(Ear::points($said))->toBe($heard);
})->with([
    'fastened to another part' => [
        'hood up engine right side. The grille is bolted to the hood, no clips gone, not split.',
        ['front.grille' => 'mounted'],
    ],
    'hanging beside another part' => [
        'my air cleaner hangs beside the radiator and it is tight and not cracked',
        ['engine.air_filter' => 'intact mounted'],
    ],
    'where it sits, in short sentences' => [
        'Water pump. Sits behind the fan. Gear driven, no leaks.',
        ['engine.water_pump' => 'drive sealed'],
    ],
    'both of two' => [
        'at the drive axle the shock and the air bag are both mounted and not leaking',
        ['susp.air_bag@drive' => 'mounted sealed', 'susp.shock@drive' => 'mounted sealed'],
    ],
    'every one of a run of names' => [
        'steer axle hose chamber push rod every one of them tight',
        [
            'brake.chamber@steer' => 'mounted', 'brake.hose@steer' => 'mounted', 'brake.push_rod@steer' => 'mounted',
        ],
    ],
    'a part of one name, on the trailer' => [
        'landing gear up. side of the trailer marker light amber not cracked',
        ['trailer.landing_gear' => 'raised', 'trailer.side_lights' => 'colour intact'],
    ],
    'a part of one name, on the tractor' => [
        'fuel tank tight no leaks. under the tractor frame no cracks no illegal welds',
        ['side.fuel_tank' => 'mounted sealed', 'tractor.frame' => 'intact no_welds'],
    ],
    'parts of one name, at the rear' => [
        'at the rear of the trailer doors locked license plate clean bumper not bent',
        ['trailer.bumper' => 'intact', 'trailer.doors' => 'locked', 'trailer.plate' => 'clean'],
    ],
    'wires of what is spoken of' => [
        'starter tight its wires not frayed',
        ['engine.starter' => 'mounted wiring_ok'],
    ],
    'bolts of what is spoken of' => [
        'alternator bolted on and all its bolts are there',
        ['engine.alternator' => 'complete mounted'],
    ],
    'present and tight is that none is missing' => [
        'steer axle lug nuts all present and tight',
        ['wheel.lug_nuts@steer' => 'complete'],
    ],
    'plugged in is seated' => [
        'back of the cab the electric cord is plugged in and not dragging',
        ['lines.electric_cord' => 'not_dragging seated'],
    ],
    'before the name, at an axle' => [
        'on the steer axle no cuts or bulges on the brake hose',
        ['brake.hose@steer' => 'rubber_ok'],
    ],
    'before the name, around it' => [
        'there are no leaks around the water pump',
        ['engine.water_pump' => 'sealed'],
    ],
    'an instruction' => [
        'Skip the front bumper unless it is damaged. Radiator, no leaks.',
        ['engine.radiator' => 'sealed'],
    ],
    'talk around the hood' => ['now pop the hood and stay clear', []],
    'lamps read out' => [
        'in the cab left arrow right arrow four ways high beam',
        [
            'cab.ind_four_way' => 'identified', 'cab.ind_high_beam' => 'identified', 'cab.ind_left' => 'identified',
            'cab.ind_right' => 'identified',
        ],
    ],
    'welds by another word' => [
        'coupling platform tight and no illegal whales on it',
        ['coupling.platform' => 'mounted no_welds'],
    ],
    'a warning about another axle' => [
        'at the drive axle. Careful, if you forgot it on the front axle you forget it here. Axle seal, no leaks.',
        ['wheel.hub_seal@drive' => 'sealed'],
    ],
]);

it('picks the reading of a piece that speaks of trucks, unless it is far less likely', function (
    float $weight,
    string $chosen,
): void {
    $listener = new Listener(Ear::lexicon(), []);
    $readings = [new Alternative('talk alarm tide', 1 - $weight), new Alternative('torque arm tight', $weight)];

    expect($listener->understood(new Transcript([new Cue(0.0, 'talk alarm tide', $readings)]))->cues[0]->text)
        ->toBe($chosen);
})->with([[0.4, 'torque arm tight'], [0.001, 'talk alarm tide']]);
