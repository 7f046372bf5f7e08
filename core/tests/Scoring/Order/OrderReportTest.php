<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Scoring\Order\OrderReport;
use Pasada\Core\Tests\Sample;

/** Suspension, brake and wheel at both axles, one section each, after a cab. @param  array<string, string>  $order */
function axleChecklist(array $order): array
{
    $document = Sample::ruled(['order' => $order]);
    $document['components'] = [
        ['id' => 'cab.seat_belt', 'name' => 'Seat belt', 'essential' => ['works']],
        ['id' => 'cab.wipers', 'name' => 'Wipers', 'essential' => ['works']],
        ['id' => 'susp.shock', 'name' => 'Shock', 'essential' => ['sealed']],
        ['id' => 'susp.u_bolts', 'name' => 'U-bolts', 'essential' => ['complete']],
        ['id' => 'brake.hose', 'name' => 'Hose', 'essential' => ['sealed']],
        ['id' => 'wheel.tyre', 'name' => 'Tyre', 'essential' => ['even']],
    ];
    $document['figures'] = [];
    $section = static fn (string $axle): array => [
        'id' => $axle,
        'name' => ucfirst($axle),
        'stops' => [
            [
                'id' => $axle.'-suspension',
                'name' => 'Suspension',
                'zone' => 'axle',
                'axles' => $axle,
                'asks' => ['susp.shock', 'susp.u_bolts'],
            ],
            [
                'id' => $axle.'-brakes',
                'name' => 'Brakes',
                'zone' => 'axle',
                'axles' => $axle,
                'asks' => ['brake.hose'],
            ],
            ['id' => $axle.'-wheel', 'name' => 'Wheel', 'zone' => 'axle', 'axles' => $axle, 'asks' => ['wheel.tyre']],
        ],
    ];
    $document['sections'] = [
        [
            'id' => 'cab',
            'name' => 'Cab',
            'stops' => [['id' => 'cab', 'name' => 'Cab', 'zone' => 'cab', 'asks' => ['cab.seat_belt', 'cab.wipers']]],
        ],
        $section('steer'),
        $section('drive'),
    ];

    return $document;
}

/** @param  array<string, string>  $rules */
function orderOf(array $rules, string $walk): OrderReport
{
    $names = [
        'b' => 'cab.seat_belt',
        'w' => 'cab.wipers',
        's' => 'susp.shock@steer',
        'u' => 'susp.u_bolts@steer',
        'h' => 'brake.hose@steer',
        't' => 'wheel.tyre@steer',
        'S' => 'susp.shock@drive',
        'U' => 'susp.u_bolts@drive',
        'H' => 'brake.hose@drive',
        'T' => 'wheel.tyre@drive',
    ];
    $marks = array_map(
        static fn (int $n): Mark => Sample::whole($n + 1, $names[$walk[$n]]),
        array_keys(str_split($walk)),
    );

    return Sample::sheetOf(axleChecklist($rules), null, ...$marks)->order;
}

it('counts the fewest items out of place under each rule', function (array $rules, string $walk, int $out): void {
    expect(orderOf($rules, $walk)->outOfPlace)->toHaveCount($out);
})->with([
    'fixed: as listed' => [[], 'bwsuhtSUHT', 0],
    'fixed: two swapped' => [[], 'wbsuhtSUHT', 1],
    'fixed: a section moved' => [[], 'suhtbwSUHT', 2],
    'fixed, sections free: a section moved' => [['sections' => 'free'], 'suhtbwSUHT', 0],
    'fixed, sections free: swapped within' => [['sections' => 'free'], 'suhtwbSUHT', 1],
    'grouped: any order within a section, sections as listed' => [['items' => 'grouped'], 'wbushtUSHT', 0],
    'grouped, sections free: a section moved' => [['items' => 'grouped', 'sections' => 'free'], 'usht'.'wb'.'USHT', 0],
    'grouped: one item said away from its section' => [['items' => 'grouped', 'sections' => 'free'], 'bsuhtwSUHT', 1],
    'grouped: a place of the axle out of its direction' => [
        ['items' => 'grouped', 'direction' => 'inside-out'],
        'bwhsutSUHT',
        1,
    ],
    'free: all shuffled' => [['items' => 'free', 'sections' => 'free'], 'TsbHuwhSUt', 0],
    'free parts, fixed sections: any order within a section' => [['items' => 'free'], 'wbtushTHSU', 0],
    'free parts, fixed sections: said in the time of another' => [['items' => 'free'], 'btuwshTHSU', 1],
    'inside-out asked: outside-in walked' => [['direction' => 'inside-out'], 'bwthsu', 2],
    'outside-in asked: outside-in walked' => [['direction' => 'outside-in'], 'bwthsuTHSU', 0],
    'outside-in asked: inside-out walked' => [['direction' => 'outside-in'], 'bwsuht', 2],
    'kept: outside-in at both' => [['direction' => 'kept'], 'bwthsuTHSU', 0],
    'kept: inside-out at both' => [['direction' => 'kept'], 'bwsuhtSUHT', 0],
    'kept: one of each' => [['direction' => 'kept'], 'bwsuhtTHSU', 2],
]);

it('says in which direction the axles were worked', function (
    string $direction,
    string $walk,
    array $directions,
): void {
    expect(orderOf(['direction' => $direction], $walk)->directions)->toBe($directions);
})->with([
    'kept, outside in' => ['kept', 'thsuTHSU', ['steer' => 'outside-in', 'drive' => 'outside-in']],
    'kept, nothing tells: as listed' => ['kept', 't', ['steer' => 'inside-out']],
    'as asked' => ['outside-in', 'suht', ['steer' => 'outside-in']],
    'off the axles there is none' => ['kept', 'bw', []],
]);

it('names the sections out of place, where their order is fixed', function (
    string $sections,
    string $walk,
    array $out,
): void {
    expect(orderOf(['sections' => $sections], $walk)->sectionsOutOfPlace)->toBe($out);
})->with([
    'as listed' => ['fixed', 'bwsuhtSUHT', []],
    'the cab last' => ['fixed', 'suhtSUHTbw', ['cab']],
    'the last one first' => ['fixed', 'STbws', ['drive']],
    'free' => ['free', 'suhtSUHTbw', []],
]);

/**
 * The drive section of the axle checklist asked axle by axle, walked as a list of part and axle: "s1" is the shock of
 * axle 1. @param  array<string, string>  $order
 */
function tandemOrder(array $order, string $walk): OrderReport
{
    $document = axleChecklist($order);
    $document['rules']['axles'] = 'each';
    $names = ['s' => 'susp.shock', 'u' => 'susp.u_bolts', 'h' => 'brake.hose', 't' => 'wheel.tyre'];
    $marks = array_map(
        static fn (string $said, int $n): Mark => Sample::whole($n + 1, $names[$said[0]].'@drive-'.$said[1]),
        $said = str_split($walk, 2),
        array_keys($said),
    );

    return Sample::sheetOf($document, null, ...$marks)->order;
}

it('accepts both usual ways at a tandem, if kept to', function (
    array $rules, string $walk, int $out, string $tandem,
): void {
    $order = tandemOrder($rules, $walk);

    expect($order->outOfPlace)->toHaveCount($out)->and($order->tandem?->value)->toBe($tandem);
})->with([
    'axle by axle, inside out' => [[], 's1u1h1t1s2u2h2t2', 0, 'axle'],
    'axle by axle, outside in' => [[], 't1h1s1u1t2h2s2u2', 0, 'axle'],
    'part by part, inside out' => [[], 's1u1s2u2h1h2t1t2', 0, 'part'],
    'part by part, outside in' => [[], 't1t2h1h2s1u1s2u2', 0, 'part'],
    'outside in where inside out is asked' => [['direction' => 'inside-out'], 't1h1s1u1t2h2s2u2', 4, 'axle'],
    'inside out where outside in is asked' => [['direction' => 'outside-in'], 's1u1h1t1s2u2h2t2', 4, 'axle'],
    'part by part where axle by axle is asked' => [['tandem' => 'axle'], 's1u1s2u2h1h2t1t2', 2, 'axle'],
    'axle by axle where part by part is asked' => [['tandem' => 'part'], 's1u1h1t1s2u2h2t2', 2, 'part'],
    'the second axle first' => [['tandem' => 'axle'], 's2u2h2t2s1u1h1t1', 4, 'axle'],
    'grouped: axle by axle, parts of a place as they come' => [['items' => 'grouped'], 'u1s1h1t1u2s2h2t2', 0, 'axle'],
]);

it('holds every tandem to the same way', function (string $drive, string $trailer, int $out): void {
    $document = axleChecklist([]);
    $document['rules']['axles'] = 'each';
    $trailers = json_decode(
        str_replace(['"drive', '"Drive'], ['"trailer', '"Trailer'], (string) json_encode($document['sections'][2])),
        true,
    );
    $document['sections'][] = $trailers;
    $vehicle = Sample::vehicleDocument();
    $axle = [
        'group' => 'trailer',
        'suspension' => 'spring',
        'brakes' => 'drum',
        'wheels' => 'dual',
        'hub' => 'hub-seal',
    ];
    $vehicle['units'][] = [
        'kind' => 'semitrailer',
        'body' => 'van',
        'from_ft' => 21,
        'to_ft' => 60,
        'axles' => [['at_ft' => 50, ...$axle], ['at_ft' => 54, ...$axle]],
    ];
    $names = ['s' => 'susp.shock', 'h' => 'brake.hose', 't' => 'wheel.tyre'];
    $marks = [];
    foreach (['drive' => $drive, 'trailer' => $trailer] as $group => $walk) {
        foreach (str_split($walk, 2) as $said) {
            $marks[] = Sample::whole(count($marks) + 1, $names[$said[0]]."@$group-".$said[1]);
        }
    }

    expect(Sample::sheetOf($document, $vehicle, ...$marks)->order->outOfPlace)->toHaveCount($out);
})->with([
    'both axle by axle' => ['s1h1t1s2h2t2', 's1h1t1s2h2t2', 0],
    'both part by part' => ['s1s2h1h2t1t2', 's1s2h1h2t1t2', 0],
    'one of each' => ['s1h1t1s2h2t2', 's1s2h1h2t1t2', 2],
]);

it('moves no section for one part that was said early', function (string $walk, array $out): void {
    expect(orderOf([], $walk)->sectionsOutOfPlace)->toBe($out);
})->with([
    'a wheel of the drive axle first' => ['TbwsuhtSUH', []],
    'most of the drive axle first' => ['SUTbwsuhtH', ['drive']],
]);

it('counts one item, not a section, for a part said early where sections are free', function (): void {
    expect(orderOf(['sections' => 'free'], 'TbwsuhtSUH')->outOfPlace)->toHaveCount(1);
});
