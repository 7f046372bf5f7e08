<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Visit;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Tests\Sample;

function walked(Mark ...$marks): Walk
{
    return Walk::replay(Sample::inspection(), MarkList::of(...$marks));
}

it('hears every point of an item said whole', function (): void {
    expect(walked(Sample::whole(1, 'engine.oil_level'))->hearings['engine.oil_level']->inTime->points())
        ->toBe([Point::Sealed, Point::Level, Point::Identified]);
});

it('adds points up over several marks and keeps first and last time', function (): void {
    $hearing = walked(
        Sample::points(1, 'engine.alternator', Point::Mounted),
        Sample::points(4, 'engine.alternator', Point::Drive),
    )->hearings['engine.alternator'];

    expect($hearing->inTime->points())->toBe([Point::Mounted, Point::Drive, Point::Identified])
        ->and($hearing->firstAtMs)->toBe(1000)->and($hearing->lastAtMs)->toBe(4000);
});

it('takes single points back', function (): void {
    $walk = walked(Sample::whole(1, 'engine.oil_level'), Sample::takenBack(2, 'engine.oil_level', Point::Level));

    expect($walk->hearings['engine.oil_level']->inTime->points())->toBe([Point::Sealed, Point::Identified]);
});

it('forgets an item altogether once its naming is taken back', function (): void {
    expect(
        walked(Sample::whole(1, 'engine.oil_level'), Sample::takenBack(2, 'engine.oil_level', Point::Identified))
            ->hearings,
    )->toBe([]);
});

it('waves an item, until it is heard after all', function (): void {
    expect(
        walked(Sample::whole(1, 'cab.horn_air'), Sample::wave(2, 'cab.horn_air'))->hearings['cab.horn_air']->notFitted,
    )
        ->toBeTrue()
        ->and(
            walked(Sample::wave(1, 'cab.horn_air'), Sample::whole(2, 'cab.horn_air'))->hearings['cab.horn_air']
                ->notFitted,
        )
        ->toBeFalse();
});

it('gives each item its turn in the order of naming', function (): void {
    $walk = walked(
        Sample::whole(1, 'engine.oil_level'),
        Sample::whole(2, 'cab.horn_air'),
        Sample::points(3, 'engine.oil_level', Point::Sealed),
    );

    expect(array_keys($walk->hearings))->toBe(['engine.oil_level', 'cab.horn_air'])
        ->and($walk->hearings['cab.horn_air']->turn)->toBe(1);
});

it('cuts the walk into visits that end where the next begins', function (): void {
    $walk = walked(
        Sample::enter(0, 'cab'), Sample::enter(10, 'engine'), Sample::enter(12, 'engine'), Sample::enter(20, 'cab'),
        Sample::finish(25),
    );

    expect(array_map(static fn (Visit $visit): array => [$visit->place, $visit->durationMs()], $walk->visits))
        ->toBe([['cab', 10_000], ['engine', 10_000], ['cab', 5000]])
        ->and($walk->currentPlace)
        ->toBe('cab')
        ->and($walk->durationMs)
        ->toBe(25_000)
        ->and($walk->finished)
        ->toBeTrue();
});

it('opens a closed place again when it is entered', function (): void {
    expect(walked(Sample::enter(0, 'cab'), Sample::close(1, 'cab'), Sample::enter(2, 'engine'))->closedPlaces)
        ->toBe(['cab' => true])
        ->and(
            walked(
                Sample::enter(0, 'cab'), Sample::close(1, 'cab'), Sample::enter(2, 'engine'), Sample::enter(3, 'cab'),
            )->closedPlaces,
        )
        ->toBe([]);
});

it('keeps notes, on items and on the walk', function (): void {
    $walk = walked(Mark::note(Sample::id(1), 5, 'windy'), Mark::note(Sample::id(2), 6, 'louder', 'cab.horn_air'));

    expect($walk->remarks)->toHaveCount(2)->and($walk->remarks[1]->item)->toBe('cab.horn_air');
});

it('passes over marks of items and places that the walk does not have', function (): void {
    $walk = walked(Sample::whole(1, 'engine.rocket'), Sample::enter(2, 'roof'));

    expect($walk->hearings)->toBe([])->and($walk->visits)->toBe([]);
});

it('is empty without marks', function (): void {
    expect(walked()->durationMs)
        ->toBe(0)
        ->and(walked()->currentPlace)
        ->toBeNull()
        ->and(walked()->finished)
        ->toBeFalse();
});
