<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;

it('holds every point of the catalogue once, in its order', function (): void {
    expect(PointSet::of(...array_reverse(Point::cases()))->points())->toBe(Point::cases())
        ->and(PointSet::of(...Point::cases())->count())->toBe(count(Point::cases()));
});

it('joins, takes away and shares as sets do', function (): void {
    $a = PointSet::of(Point::Mounted, Point::Intact);
    $b = PointSet::of(Point::Intact, Point::Sealed);

    expect($a->with($b)->points())->toBe([Point::Mounted, Point::Intact, Point::Sealed])
        ->and($a->without($b)->points())->toBe([Point::Mounted])
        ->and($a->common($b)->points())->toBe([Point::Intact])
        ->and($a->with($b)->includes($a))->toBeTrue()
        ->and($a->includes($b))->toBeFalse()
        ->and(PointSet::none()->isEmpty())->toBeTrue()
        ->and($a->has(Point::Sealed))->toBeFalse();
});
