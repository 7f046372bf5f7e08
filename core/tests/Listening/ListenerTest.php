<?php

declare(strict_types=1);

use Pasada\Core\Listening\AccountWriter;
use Pasada\Core\Tests\Listening\Ear;

it('gives a statement to the part it is about', function (string $said, array $heard): void {
    expect(Ear::points($said))->toBe($heard);
})->with([
    'after the name' => ['my radiator is mounted and not leaking', ['engine.radiator' => 'mounted sealed']],
    'a list with one statement' => [
        'pitman arm drag link and tie rod are all straight',
        ['steering.drag_link' => 'intact', 'steering.pitman_arm' => 'intact', 'steering.tie_rod' => 'intact'],
    ],
    'a verb that speaks of one' => ['the door and the mirror is clean', ['side.mirror' => 'clean']],
    'before the name, with a preposition' => [
        'there are no leaks on the water pump',
        ['engine.water_pump' => 'sealed'],
    ],
    'looking for faults' => ['I check for cuts and bulges on my brake hose', ['brake.hose@steer' => 'rubber_ok']],
    'a denial over a list' => ['the drum is not cracked bent or broken', ['brake.drum@steer' => 'intact']],
    'a lost "not" in a list' => ['brake hose cuts bulges or leaks', ['brake.hose@steer' => 'rubber_ok sealed']],
    'nobody' => ['trailer frame nobody welded on it', ['trailer.frame' => 'no_welds']],
    'none' => ['lug nuts none of them are missing', ['wheel.lug_nuts@steer' => 'complete']],
    'where it is fastened is not spoken of' => [
        'the gear box is tight to the frame and no leaks',
        ['steering.gearbox' => 'mounted sealed'],
    ],
    'hoses of a part' => ['hoses leading to the steering box are not cut', ['steering.hoses' => 'rubber_ok']],
    'a cap of a tank' => [
        'fuel tank not leaking cap is on tight',
        ['side.fuel_cap' => 'cap', 'side.fuel_tank' => 'sealed'],
    ],
    'its own nuts' => ['u bolts tight all four nuts there', ['susp.u_bolts@steer' => 'complete mounted']],
    'grease as it should be' => ['skid plate is greased', ['coupling.skid_plate' => 'greased']],
    'grease as it should not be' => ['brake drum no grease on it', ['brake.drum@steer' => 'no_contaminant']],
    'one gap between two plates' => [
        'no gap between the apron and the skid plate',
        ['coupling.apron' => 'no_gap', 'coupling.gap' => 'no_gap', 'coupling.skid_plate' => 'no_gap'],
    ],
    'what a lamp does' => [
        'at the rear of the trailer tail lights red brake light and turn signal',
        ['trailer.tail_lights' => 'colour functions'],
    ],
    'another word for the same' => ["the apron that's the plate on top not bent", ['coupling.apron' => 'intact']],
    'same deal' => [
        'clearance lights amber not cracked turn signals same deal',
        ['front.clearance_lights' => 'colour intact', 'front.turn_signals' => 'colour intact'],
    ],
    'pushed in' => ['release handle in', ['coupling.release_arm' => 'locked']],
    'words that only name' => ['this is my alternator', ['engine.alternator' => 'identified']],
    'a condition of another test' => [
        'spring hangers tight with the wheels chocked push rod no more than one inch',
        ['brake.push_rod@steer' => 'rod_play', 'susp.spring_mounts@steer' => 'mounted'],
    ],
    'misheard names' => [
        'you bolts tight slack a juster tight',
        ['brake.slack_adjuster@steer' => 'mounted', 'susp.u_bolts@steer' => 'mounted'],
    ],
    'a misheard name where the part is' => [
        'my radiator is tight altar nader is tight',
        ['engine.alternator' => 'mounted', 'engine.radiator' => 'mounted'],
    ],
    'what only sounds like a part of another place is none there' => [
        'my slack adjuster is tight altar nader is tight my push rod is tight',
        ['brake.push_rod@steer' => 'mounted', 'brake.slack_adjuster@steer' => 'mounted'],
    ],
    'talk' => ['okay so how are we doing on time today I think it will rain', []],
    'an everyday word is no part' => ['set it down and will you wait', []],
]);

it('takes figures with the part and point they belong to', function (string $said, array $figures): void {
    expect(Ear::figures($said))->toBe($figures);
})->with([
    [
        'tire four thirty seconds and a hundred psi on the gauge',
        ['wheel.tyre tread_32nds' => 4.0, 'wheel.tyre psi' => 100.0],
    ],
    [
        'slack adjuster and push rod no more than one inch',
        ['brake.slack_adjuster inches' => 1.0, 'brake.push_rod inches' => 1.0],
    ],
    ['lining a quarter inch drum not cracked', ['brake.lining inches' => 0.25]],
    ['steering shaft no more than ten degrees of play', ['steering.shaft degrees' => 10.0]],
    ['reflective tape covers half of the side', ['trailer.reflective_tape percent' => 50.0]],
    ['voltmeter 13 to 14 volts', ['cab.voltmeter volts_low' => 13.0, 'cab.voltmeter volts_high' => 14.0]],
    [
        'governor cuts out between 120 and 140 psi',
        ['test.governor psi_low' => 120.0, 'test.governor psi_high' => 140.0],
    ],
    ['lug nuts all ten there', ['wheel.lug_nuts count' => 10.0]],
    ['I have three triangles', ['cab.triangles count' => 3.0]],
    'a figure that names its part' => ['rims good 2/32 no cuts', ['wheel.tyre tread_32nds' => 2.0]],
    'put right in the same breath' => [
        'tire two thirty seconds sorry four thirty seconds',
        ['wheel.tyre tread_32nds' => 4.0],
    ],
    'what it is not' => ['tire 4/32 here not 2/32', ['wheel.tyre tread_32nds' => 4.0]],
]);

it('compares figures with what is accepted, and limits with their direction', function (
    string $said,
    ?string $what,
): void {
    expect(Ear::hears($said)->wrong[0]->what ?? null)->toBe($what);
})->with([
    ['steer axle tire four thirty seconds', null],
    ['steer axle tire two thirty seconds', 'tread_32nds 2, asked 4'],
    ['brake lining at least a quarter inch', null],
    ['brake lining no more than a quarter inch', 'inches said as the most, asked at least 1/4 in'],
    ['push rod at least one inch', 'inches said as the least, asked no more than 1 in'],
    ['push rod no more than two inches', 'inches 2, asked 1'],
    ['low air warning comes on at 60 psi', null],
    ['low air warning comes on at 30 psi', 'psi 30, asked 55'],
]);

it('tells a reported defect from a denied fault', function (string $said, array $defects): void {
    $found = [];
    foreach (Ear::hears($said)->heard as $proposal) {
        $found = [
            ...$found,
            ...array_map(static fn (string $what): string => $proposal->component.': '.$what, $proposal->defects),
        ];
    }
    expect($found)->toBe($defects);
})->with([
    ['Hub seal. Hey look at that, that one is leaking.', ['wheel.hub_seal: leaking']],
    ['hub seal is not leaking', []],
    ['alternator tight the belt is frayed we need to replace that', ['engine.belts: frayed']],
    ['I look to see that the drum is not cracked', []],
]);

it('finds what was said not to be fitted', function (string $said): void {
    $heard = Ear::hears($said)->heard;
    expect($heard)
        ->toHaveCount(1)
        ->and($heard[0]->component)
        ->toBe('susp.shock')
        ->and($heard[0]->notFitted)
        ->toBeTrue()
        ->and($heard[0]->points->isEmpty())
        ->toBeTrue();
})->with(['I do not have shocks on this trailer', 'shock absorber not fitted', 'shocks are not equipped']);

it('takes references with kind, axle and what they cover', function (
    string $said, ?string $axle, array $covers, string $kind,
): void {
    $references = Ear::hears($said)->references;
    expect($references)
        ->toHaveCount(1)
        ->and([$references[0][1]->axle, $references[0][1]->covers, $references[0][1]->kind])
        ->toBe([$axle, $covers, $kind]);
})->with([
    [
        'steer axle drum not cracked. drive axle. brakes I check the same as the front axle',
        'drive',
        ['brake'],
        'other_axle',
    ],
    [
        'drive axle drum not cracked then the axle behind it I do the same way',
        'drive',
        ['susp', 'brake', 'wheel'],
        'other_axle',
    ],
    ['trailer doors latch. And the other side is the same.', null, [], 'other_side'],
    ['drive axle. Tires same as the front except two thirty seconds', 'drive', ['wheel.tyre'], 'other_axle'],
]);

it('takes no comparison of two parts for a reference', function (string $said): void {
    expect(Ear::hears($said)->references)->toBe([]);
})->with(['tires the same size', 'they are the same height', 'steps are solid']);

it('knows the axle from where the walk has got to', function (): void {
    $axle = 'spring hangers tight brake chamber not leaking drum not cracked tire evenly worn rim not bent';
    expect(
        array_keys(
            Ear::points(
                'power steering pump tight '.$axle,
                'door works mirror clean fuel tank not leaking '.$axle,
                'king pin not bent locking jaws locked landing gear raised '.$axle,
            ),
        ),
    )->toContain(
        'brake.chamber@steer', 'brake.chamber@drive', 'brake.chamber@trailer', 'wheel.rim@steer', 'wheel.rim@drive',
        'wheel.rim@trailer',
    );
});

it('tells parts of one name apart by the place', function (): void {
    expect(Ear::points('door opens mirror clean fuel tank not leaking frame not cracked'))
        ->toHaveKey('tractor.frame')
        ->not->toHaveKey('trailer.frame')
        ->and(Ear::points('landing gear raised floor no holes frame not cracked'))
        ->toHaveKey('trailer.frame')
        ->not->toHaveKey('tractor.frame');
});

it('understands who states first and names then', function (): void {
    $said =
        'Mounted, gear driven, not leaking: water pump. Wires tight, belt driven: alternator. Between the marks, cap '.
            'tight: coolant tank. No cuts or bulges: radiator hoses. Not bent, ten degrees: steering shaft. Not '.
            'shifted: leaf springs. A quarter inch: lining.';
    expect(Ear::points($said))->toBe([
        'brake.lining@steer' => 'thickness',
        'engine.alternator' => 'drive wiring_ok',
        'engine.coolant' => 'cap level',
        'engine.coolant_hoses' => 'rubber_ok',
        'engine.water_pump' => 'drive mounted sealed',
        'steering.shaft' => 'intact steer_play',
        'susp.leaf_springs@steer' => 'not_shifted',
    ]);
});

it('gives the words as evidence, with their time', function (): void {
    $heard = Ear::hears('Okay, my Radiator’s mounted', 'and it is NOT leaking.')->heard;
    expect($heard[0]->evidence[0]->text)
        ->toBe('Radiator’s mounted and it is NOT leaking')
        ->and($heard[0]->at())
        ->toBe(0.0);
});

it('reports talk that is about nothing on the list', function (): void {
    $off = Ear::hears(
        'rim not bent',
        'so anyway we were out there the other week and he told me about his holiday by the lake and how cold it was',
        'drum not cracked',
    )->offList;
    expect($off)->toHaveCount(1)->and($off[0][2])->toContain('holiday');
});

it('hears the same in the same words, byte for byte', function (): void {
    $said = 'king pin not bent apron not cracked no daylight fifth wheel greased tires four thirty seconds';
    expect(json_encode(AccountWriter::write(Ear::hears($said))))->toBe(
        json_encode(AccountWriter::write(Ear::hears($said))),
    );
});

it('hears nothing in nothing', function (): void {
    expect(AccountWriter::write(Ear::hears('...')))->toBe([
        'heard' => [],
        'maybe' => [],
        'references' => [],
        'wrong' => [],
        'defects' => [],
        'notFitted' => [],
        'offList' => [],
        'route' => [],
    ]);
});

it('is not led astray by', function (string $said, array $heard): void {
    expect(Ear::points($said))->toBe($heard);
})->with([
    'what may have run out' => ['walking up no oil coolant or fuel on the ground', ['approach.leaks' => 'sealed']],
    'cuts in something, which is no governor' => [
        'on the steer axle my tire has no cuts in the tread',
        ['wheel.tyre@steer' => 'rubber_ok'],
    ],
    'a place that sounds like a part' => [
        'this is my engine compartment. the radiator is not leaking',
        ['engine.radiator' => 'sealed'],
    ],
    'a comma before the next of a list' => [
        'under the trailer the frame, the cross members and the floor, none of them broken',
        ['trailer.cross_members' => 'intact', 'trailer.floor' => 'intact', 'trailer.frame' => 'intact'],
    ],
    'a side that is not that of the door' => ['moving to the side my door opens and closes', ['side.door' => 'works']],
    'a stop that is no step' => [
        'air brake test the service brake i push the pedal and it stops without pulling left or right',
        ['test.service_brake' => 'works'],
    ],
    'what stands between "a" and the name' => [
        'in the cab i have a fully charged and properly secured fire extinguisher',
        ['cab.extinguisher' => 'charged mounted'],
    ],
    'a word between spare and fuses' => ['in the cab spare electrical fuses', ['cab.fuses' => 'count']],
    'inflation that is no system' => ['steer tire inflation one hundred five psi', ['wheel.tyre@steer' => 'inflation']],
]);

it('repeats what was said for all that are named before "same"', function (string $said, array $heard): void {
    expect(Ear::points($said))->toBe($heard);
})->with([
    'two without a word between' => [
        'pitman arm mounted and not cracked drag link tie rod same',
        [
            'steering.drag_link' => 'intact mounted',
            'steering.pitman_arm' => 'intact mounted',
            'steering.tie_rod' => 'intact mounted',
        ],
    ],
    'two with an and' => [
        'the radiator is not leaking. coolant tank and water pump same thing',
        ['engine.coolant' => 'sealed', 'engine.radiator' => 'sealed', 'engine.water_pump' => 'sealed'],
    ],
]);

it('keeps references apart that come in one breath', function (): void {
    $said =
        'steer axle the shock is not leaking okay now at the drive axle the shocks same as up front brakes same as '.
            'the steer axle okay moving to the frame';
    $references = array_map(
        static fn (array $one): array => [$one[1]->axle, $one[1]->covers, $one[1]->kind],
        Ear::hears($said)->references,
    );

    expect($references)->toBe([['drive', ['susp.shock'], 'other_axle'], ['drive', ['brake'], 'other_axle']]);
});

it('gives a crack in something to that, and not to what was spoken of before', function (): void {
    $heard = Ear::hears(
        'at the rear of the trailer the mud flaps are mounted. oh and actually there is a crack in this reflector so '.
            'I would write that one up',
    )->heard;
    $defects = array_column(array_map(static fn ($one): array => [$one->component, $one->defects], $heard), 1, 0);

    expect($defects)->toBe(['trailer.mud_flaps' => [], 'trailer.rear_reflectors' => ['crack']]);
});

it('keeps the limit that was told, whatever is read off afterwards', function (): void {
    $heard = Ear::hears('air brake test the low air warning comes on at or before 55 psi there it goes at about 62')
        ->heard;

    expect($heard[0]->figures)->toBe(['psi' => 55.0]);
});
