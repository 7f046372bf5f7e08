<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\ItemParts;

it('can share out sixteen parts and no more', function (int $essential, int $further, bool $can): void {
    $isStatement = static fn (Point $point): bool => $point !== Point::Identified;
    $points = array_values(array_filter(Point::cases(), $isStatement));

    expect(
        ItemParts::canBeShared(
            PointSet::of(...array_slice($points, 0, $essential)),
            PointSet::of(...array_slice($points, $essential, $further)),
        ),
    )->toBe($can);
})->with([
    'sixteen' => [6, 4, true],
    'seventeen' => [6, 5, false],
    'eight essential' => [8, 0, true],
    'nine essential' => [9, 0, false],
]);
