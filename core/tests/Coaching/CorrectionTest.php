<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Coaching\Correction;
use Pasada\Core\Coaching\Phrasebook;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Tests\Sample;

it('says what was wrong and what is right', function (Mark $mark, string $said): void {
    $sheet = Sample::sheet([], $mark);
    $coach = new Coach(
        Phrasebook::read(Sample::shipped('catalogue', 'points')),
        Aliases::read(Sample::shipped('catalogue', 'aliases')),
    );

    expect(
        (new Correction($coach, $sheet->inspection->checklist))->of($sheet->outcomes[(string) $mark->payload->item()]),
    )->toBe([$said]);
})->with([
    'the figure of another axle' => [
        Sample::figure(1, 'wheel.tyre@steer', Point::Depth, 2000),
        'You said 2/32 in, which is the figure of the drive axle or trailer axle; here it is at least 4/32 in (49 '.
            'CFR 393.75(b)).',
    ],
    'a figure of nowhere' => [
        Sample::figure(1, 'wheel.tyre@steer', Point::Depth, 9000),
        'You said 9/32 in; here it is at least 4/32 in (49 CFR 393.75(b)).',
    ],
    'other words' => [
        Mark::saidWrong(Sample::id(1), 1000, 'engine.oil_level', PointSet::of(Point::Level), 'above the mark'),
        'Level OK was said wrong ("above the mark"); say: filled to the mark.',
    ],
    'only that it was wrong' => [
        Sample::wrong(1, 'engine.oil_level', Point::Level),
        'Level OK was said wrong; say: filled to the mark.',
    ],
]);

it('says nothing where nothing is wrong, or where it was put right', function (): void {
    $sheet = Sample::sheet(
        [],
        Sample::wrong(1, 'engine.oil_level', Point::Level),
        Sample::points(2, 'engine.oil_level', Point::Level),
    );
    $coach = new Coach(Phrasebook::read(Sample::shipped('catalogue', 'points')), Aliases::read('{"aliases": {}}'));

    expect((new Correction($coach, $sheet->inspection->checklist))->of($sheet->outcomes['engine.oil_level']))->toBe([]);
});

it('knows what parts are called in the yard', function (): void {
    $aliases = Aliases::read(Sample::shipped('catalogue', 'aliases'));

    expect($aliases->of('engine.oil_level'))
        ->toBe(['dipstick'])
        ->and($aliases->of('engine.rocket'))
        ->toBe([])
        ->and(fn () => Aliases::read('{"aliases": {"a.b": [""]}}'))
        ->toThrow(DocumentHasFaults::class, 'aliases.a.b[0]: asks for a text that is not empty');
});
