<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\ItemParts;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Tests\Sample;

// The alternator of the sample: mounted and drive essential, belt play further.
it('credits what was said by the rule of the checklist', function (
    string $rule, bool $half, array $heard, int $tenths,
): void {
    $inspection = Sample::inspection(['credit' => $rule, 'half_for_part' => $half]);
    $hearing = new Hearing(PointSet::of(...$heard), PointSet::none(), false, 0, 0, 0);

    expect(Credit::share($inspection->items['engine.alternator'], $hearing, $inspection->checklist->rules))->toBe(
        intdiv(Credit::UNIT * $tenths, 10),
    );
})->with([
    'named: nothing said' => ['named', false, [], 0],
    'named: only pointed at' => ['named', false, [Point::Identified], 0],
    'named: one statement' => ['named', false, [Point::Identified, Point::BeltPlay], 10],
    'essential: one of two' => ['essential', false, [Point::Mounted], 0],
    'essential: one of two, half for part' => ['essential', true, [Point::Mounted], 5],
    'essential: only a further point, half for part' => ['essential', true, [Point::BeltPlay], 5],
    'essential: named only, half for part' => ['essential', true, [Point::Identified], 0],
    'essential: both' => ['essential', false, [Point::Mounted, Point::Drive], 10],
    'full: both essential' => ['full', false, [Point::Mounted, Point::Drive], 0],
    'full: both essential, half for part' => ['full', true, [Point::Mounted, Point::Drive], 5],
    'full: all three' => ['full', false, [Point::Mounted, Point::Drive, Point::BeltPlay], 10],
    'weighted: one essential of 2 + 2 + 1' => ['weighted', false, [Point::Mounted], 4],
    'weighted: the further one' => ['weighted', false, [Point::BeltPlay], 2],
    'weighted: essential and further' => ['weighted', false, [Point::Drive, Point::BeltPlay], 6],
    'weighted: all' => ['weighted', false, [Point::Mounted, Point::Drive, Point::BeltPlay], 10],
    'a point that is not asked earns nothing' => ['named', false, [Point::Depth], 0],
]);

it('shares out every number of parts up to sixteen exactly', function (): void {
    foreach (range(1, 16) as $parts) {
        // A quarter of a share, too: one side of half an item.
        expect(Credit::UNIT % (4 * $parts))->toBe(0);
    }
});

it('divides one item into as many whole parts as an item may have', function (): void {
    foreach (range(1, ItemParts::MOST) as $parts) {
        expect(Credit::UNIT % $parts)->toBe(0);
    }
});
