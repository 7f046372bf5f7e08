<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Mark;
use Pasada\Core\Scoring\OrderReport;
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
    $section = static fn (string $axle): array => ['id' => $axle, 'name' => ucfirst($axle), 'stops' => [
        ['id' => $axle.'-suspension', 'name' => 'Suspension', 'zone' => 'axle', 'axles' => $axle, 'asks' => ['susp.shock', 'susp.u_bolts']],
        ['id' => $axle.'-brakes', 'name' => 'Brakes', 'zone' => 'axle', 'axles' => $axle, 'asks' => ['brake.hose']],
        ['id' => $axle.'-wheel', 'name' => 'Wheel', 'zone' => 'axle', 'axles' => $axle, 'asks' => ['wheel.tyre']],
    ]];
    $document['sections'] = [['id' => 'cab', 'name' => 'Cab', 'stops' => [['id' => 'cab', 'name' => 'Cab', 'zone' => 'cab', 'asks' => ['cab.seat_belt', 'cab.wipers']]]], $section('steer'), $section('drive')];

    return $document;
}

/** @param  array<string, string>  $rules */
function orderOf(array $rules, string $walk): OrderReport
{
    $names = ['b' => 'cab.seat_belt', 'w' => 'cab.wipers', 's' => 'susp.shock@steer', 'u' => 'susp.u_bolts@steer', 'h' => 'brake.hose@steer', 't' => 'wheel.tyre@steer',
        'S' => 'susp.shock@drive', 'U' => 'susp.u_bolts@drive', 'H' => 'brake.hose@drive', 'T' => 'wheel.tyre@drive'];
    $marks = array_map(static fn (int $n): Mark => Sample::whole($n + 1, $names[$walk[$n]]), array_keys(str_split($walk)));

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
    'grouped: a place of the axle out of its direction' => [['items' => 'grouped', 'direction' => 'inside-out'], 'bwhsutSUHT', 1],
    'free: all shuffled' => [['items' => 'free'], 'TsbHuwhSUt', 0],
    'inside-out asked: outside-in walked' => [['direction' => 'inside-out'], 'bwthsu', 2],
    'outside-in asked: outside-in walked' => [['direction' => 'outside-in'], 'bwthsuTHSU', 0],
    'outside-in asked: inside-out walked' => [['direction' => 'outside-in'], 'bwsuht', 2],
    'kept: outside-in at both' => [['direction' => 'kept'], 'bwthsuTHSU', 0],
    'kept: inside-out at both' => [['direction' => 'kept'], 'bwsuhtSUHT', 0],
    'kept: one of each' => [['direction' => 'kept'], 'bwsuhtTHSU', 2],
]);

it('says in which direction the axles were worked', function (string $direction, string $walk, array $directions): void {
    expect(orderOf(['direction' => $direction], $walk)->directions)->toBe($directions);
})->with([
    'kept, outside in' => ['kept', 'thsuTHSU', ['steer' => 'outside-in', 'drive' => 'outside-in']],
    'kept, nothing tells: as listed' => ['kept', 't', ['steer' => 'inside-out']],
    'as asked' => ['outside-in', 'suht', ['steer' => 'outside-in']],
    'off the axles there is none' => ['kept', 'bw', []],
]);

it('names the sections out of place, where their order is fixed', function (string $sections, string $walk, array $out): void {
    expect(orderOf(['sections' => $sections], $walk)->sectionsOutOfPlace)->toBe($out);
})->with([
    'as listed' => ['fixed', 'bwsuhtSUHT', []],
    'the cab last' => ['fixed', 'suhtSUHTbw', ['cab']],
    'the last one first' => ['fixed', 'STbws', ['drive']],
    'free' => ['free', 'suhtSUHTbw', []],
]);
