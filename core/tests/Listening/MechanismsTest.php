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
    'fastened to another part (1)' => [
        "hood's open. The grille is bolted to the hood, not cracked, no damage.",
        ['front.grille' => 'intact mounted'],
    ],
    'fastened to another part (2)' => [
        'headlights clean grille is bolted to the hood and it is not cracked',
        ['front.grille' => 'intact mounted', 'front.headlights' => 'clean'],
    ],
    'fastened to another part (3)' => [
        "Next is the grille. It's bolted to the hood, and it's not cracked.",
        ['front.grille' => 'intact mounted'],
    ],
    'what a part does to another (1)' => [
        'steer axle. The U-bolt that holds the leaf spring is tight.',
        ['susp.u_bolts@steer' => 'mounted'],
    ],
    'what a part does to another (2)' => [
        'steer axle u bolt it holds the spring is tight not cracked',
        ['susp.u_bolts@steer' => 'intact mounted'],
    ],
    'what a part does to another (3)' => [
        "At the steer axle, this is my shock absorber, it keeps the axle from bouncing, it's not leaking.",
        ['susp.shock@steer' => 'sealed'],
    ],
    'all of a list (1)' => [
        'Pitman arm. Drag link. Tie rod. Whole lot solid, none bent.',
        [
            'steering.drag_link' => 'intact mounted', 'steering.pitman_arm' => 'intact mounted',
            'steering.tie_rod' => 'intact mounted',
        ],
    ],
    'all of a list (2)' => [
        'pitman arm drag link tie rod all solid none bent',
        [
            'steering.drag_link' => 'intact mounted', 'steering.pitman_arm' => 'intact mounted',
            'steering.tie_rod' => 'intact mounted',
        ],
    ],
    'all of a list (3)' => [
        "Then you've got your pitman arm and your drag link and your tie rod. All of them are solid, none is bent.",
        [
            'steering.drag_link' => 'intact mounted', 'steering.pitman_arm' => 'intact mounted',
            'steering.tie_rod' => 'intact mounted',
        ],
    ],
    'both of two (1)' => [
        'drive axle. Shock and air bag, both mounted and not leaking.',
        ['susp.air_bag@drive' => 'mounted sealed', 'susp.shock@drive' => 'mounted sealed'],
    ],
    'both of two (2)' => [
        'at the drive axle the shock and the air bag are both mounted and not leaking',
        ['susp.air_bag@drive' => 'mounted sealed', 'susp.shock@drive' => 'mounted sealed'],
    ],
    'both of two (3)' => [
        'Drive axle now. You look at the air bag and the shock, both of them are mounted, neither one is leaking.',
        ['susp.air_bag@drive' => 'mounted sealed', 'susp.shock@drive' => 'mounted sealed'],
    ],
    'a statement about the whole vehicle (1)' => [
        'No drips anywhere under her.',
        ['approach.leaks' => 'sealed'],
    ],
    'a statement about the whole vehicle (2)' => [
        'walking up no leaks under the truck',
        ['approach.leaks' => 'sealed'],
    ],
    'a statement about the whole vehicle (3)' => [
        'As I come up on it I see no leaks under the vehicle.',
        ['approach.leaks' => 'sealed'],
    ],
    'a part of one name, on the trailer (1)' => [
        'landing gear up. side of the trailer marker light amber not cracked',
        ['trailer.landing_gear' => 'raised', 'trailer.side_lights' => 'colour intact'],
    ],
    'a part of one name, on the trailer (2)' => [
        'Landing gear, fully raised. Along the side of the trailer: marker light, amber, not cracked.',
        ['trailer.landing_gear' => 'raised', 'trailer.side_lights' => 'colour intact'],
    ],
    'a part of one name, on the trailer (3)' => [
        "The landing gear is all the way up. Now on the side of the trailer I've got a marker light, it's amber and ".
            "it isn't broken.",
        ['trailer.landing_gear' => 'raised', 'trailer.side_lights' => 'colour intact'],
    ],
    'wires of what is spoken of (1)' => [
        'Starter tight; its wires not frayed.',
        ['engine.starter' => 'mounted wiring_ok'],
    ],
    'wires of what is spoken of (2)' => [
        'starter tight its wires not frayed',
        ['engine.starter' => 'mounted wiring_ok'],
    ],
    'wires of what is spoken of (3)' => [
        "This here's my starter, it's tight, and the wires on it aren't frayed.",
        ['engine.starter' => 'mounted wiring_ok'],
    ],
    'bolts of what is spoken of (1)' => [
        'alternator bolted on and all its bolts are there',
        ['engine.alternator' => 'complete mounted'],
    ],
    'bolts of what is spoken of (2)' => [
        'Alternator: bolted on, bolts all there.',
        ['engine.alternator' => 'complete mounted'],
    ],
    'bolts of what is spoken of (3)' => [
        "You point at the alternator, it's bolted on and none of its bolts are missing.",
        ['engine.alternator' => 'complete mounted'],
    ],
    'welds by another word (1)' => [
        'coupling platform tight and no illegal whales on it',
        ['coupling.platform' => 'mounted no_welds'],
    ],
    'welds by another word (2)' => [
        'Coupling: platform tight, no illegal whales.',
        ['coupling.platform' => 'mounted no_welds'],
    ],
    'welds by another word (3)' => [
        'Here at the coupling, the platform is tight and there are no illegal whales on it.',
        ['coupling.platform' => 'mounted no_welds'],
    ],
    'a figure run together or cut by a stop (1)' => [
        'steer axle tire. Tread depth. Four thirty. Seconds.',
        ['wheel.tyre@steer' => 'depth'],
    ],
    'a figure run together or cut by a stop (2)' => [
        'steer axle tire tread depth 430 seconds',
        ['wheel.tyre@steer' => 'depth'],
    ],
    'a figure run together or cut by a stop (3)' => [
        'On the steer axle my tire has a tread depth of no less than four. Thirty seconds.',
        ['wheel.tyre@steer' => 'depth'],
    ],
    'plugged in is seated (1)' => [
        'back of the cab the electric cord is plugged in and not dragging',
        ['lines.electric_cord' => 'not_dragging seated'],
    ],
    'plugged in is seated (2)' => [
        'Back of the cab. Electric cord: plugged in, not dragging.',
        ['lines.electric_cord' => 'not_dragging seated'],
    ],
    'plugged in is seated (3)' => [
        "Behind the cab you show the electric cord, it's plugged in and it isn't dragging.",
        ['lines.electric_cord' => 'not_dragging seated'],
    ],
    'present and tight is that none is missing (1)' => [
        'steer axle lug nuts all present and tight',
        ['wheel.lug_nuts@steer' => 'complete'],
    ],
    'present and tight is that none is missing (2)' => [
        'Steer axle. Lug nuts: present and tight.',
        ['wheel.lug_nuts@steer' => 'complete'],
    ],
    'present and tight is that none is missing (3)' => [
        'Now at the steer axle I check my lug nuts and they are all present and tight.',
        ['wheel.lug_nuts@steer' => 'complete'],
    ],
    'before the name, around it (1)' => [
        'there are no leaks around the water pump',
        ['engine.water_pump' => 'sealed'],
    ],
    'before the name, around it (2)' => [
        'No leaks around the water pump.',
        ['engine.water_pump' => 'sealed'],
    ],
    'before the name, around it (3)' => [
        "And you want to see that there's no leaks at the water pump.",
        ['engine.water_pump' => 'sealed'],
    ],
    'talk around the hood (1)' => [
        'now pop the hood and stay clear',
        [],
    ],
    'talk around the hood (2)' => [
        'Now pop the hood. Stay clear.',
        [],
    ],
    'talk around the hood (3)' => [
        'All right, pop the hood and stay clear of it.',
        [],
    ],
    'an instruction (1)' => [
        'Skip the front bumper unless it is damaged. Radiator, no leaks.',
        ['engine.radiator' => 'sealed'],
    ],
    'an instruction (2)' => [
        'skip the front bumper unless it is damaged radiator no leaks',
        ['engine.radiator' => 'sealed'],
    ],
    'an instruction (3)' => [
        "You can skip the front bumper unless it's damaged, okay, so the radiator, it has no leaks.",
        ['engine.radiator' => 'sealed'],
    ],
    'lamps read out (1)' => [
        'in the cab left arrow right arrow four ways high beam',
        [
            'cab.ind_four_way' => 'identified', 'cab.ind_high_beam' => 'identified', 'cab.ind_left' => 'identified',
            'cab.ind_right' => 'identified',
        ],
    ],
    'lamps read out (2)' => [
        'In the cab. Left arrow. Right arrow. Four ways. High beam.',
        [
            'cab.ind_four_way' => 'identified', 'cab.ind_high_beam' => 'identified', 'cab.ind_left' => 'identified',
            'cab.ind_right' => 'identified',
        ],
    ],
    'lamps read out (3)' => [
        "Here in the cab I've got my left arrow, my right arrow, my four ways and my high beam.",
        [
            'cab.ind_four_way' => 'identified', 'cab.ind_high_beam' => 'identified', 'cab.ind_left' => 'identified',
            'cab.ind_right' => 'identified',
        ],
    ],
    'a warning about another axle (1)' => [
        'at the drive axle. Careful, if you forgot it on the front axle you forget it here. Axle seal, no leaks.',
        ['wheel.hub_seal@drive' => 'sealed'],
    ],
    'a warning about another axle (2)' => [
        'drive axle now careful if you forgot it on the front axle you forget it here axle seal no leaks',
        ['wheel.hub_seal@drive' => 'sealed'],
    ],
    'a warning about another axle (3)' => [
        "We're at the drive axle, and what you forgot on the front axle you forget here too, so the axle seal, it's ".
            'not leaking.',
        ['wheel.hub_seal@drive' => 'sealed'],
    ],
    'a comparison with another axle (1)' => [
        'drive axle. Slack adjuster, bigger than on the front axle, not bent.',
        ['brake.slack_adjuster@drive' => 'intact'],
    ],
    'a comparison with another axle (2)' => [
        'at the drive axle slack adjuster is bigger than on the front axle and it is not bent',
        ['brake.slack_adjuster@drive' => 'intact'],
    ],
    'a comparison with another axle (3)' => [
        "Here at the drive axle the slack adjuster, unlike on the front axle, is a big one, and it isn't bent.",
        ['brake.slack_adjuster@drive' => 'intact'],
    ],
    'a figure said wrong and corrected (1)' => [
        'steer axle tire tread depth two no wait four thirty seconds',
        ['wheel.tyre@steer' => 'depth'],
    ],
    'a figure said wrong and corrected (2)' => [
        'Steer axle. Tire: two thirty-seconds, no, sorry, four thirty-seconds of tread depth.',
        ['wheel.tyre@steer' => 'depth'],
    ],
    'a figure said wrong and corrected (3)' => [
        'On the steer axle my tire needs two, I mean four thirty seconds of tread depth.',
        ['wheel.tyre@steer' => 'depth'],
    ],
    'asked by an examiner (1)' => [
        'And what about the alternator? Tight, not cracked.',
        ['engine.alternator' => 'intact mounted'],
    ],
    'asked by an examiner (2)' => [
        'what do you check on the alternator its tight and not cracked',
        ['engine.alternator' => 'intact mounted'],
    ],
    'asked by an examiner (3)' => [
        "Okay, show me the alternator. It's tight and there's no cracks.",
        ['engine.alternator' => 'intact mounted'],
    ],
    'hanging beside another part' => [
        'my air cleaner hangs beside the radiator and it is tight and not cracked',
        ['engine.air_filter' => 'intact mounted'],
    ],
    'where it sits, in short sentences' => [
        'Water pump. Sits behind the fan. Gear driven, no leaks.',
        ['engine.water_pump' => 'drive sealed'],
    ],
    'every one of a run of names' => [
        'steer axle hose chamber push rod every one of them tight',
        [
            'brake.chamber@steer' => 'mounted', 'brake.hose@steer' => 'mounted', 'brake.push_rod@steer' => 'mounted',
        ],
    ],
    'a part of one name, on the tractor' => [
        'fuel tank tight no leaks. under the tractor frame no cracks no illegal welds',
        ['side.fuel_tank' => 'mounted sealed', 'tractor.frame' => 'intact no_welds'],
    ],
    'parts of one name, at the rear' => [
        'at the rear of the trailer doors locked license plate clean bumper not bent',
        ['trailer.bumper' => 'intact', 'trailer.doors' => 'locked', 'trailer.plate' => 'clean'],
    ],
    'before the name, at an axle' => [
        'on the steer axle no cuts or bulges on the brake hose',
        ['brake.hose@steer' => 'rubber_ok'],
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
