<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;

/**
 * The fields that a mark may have in the open format and in the table, each already checked; a kind has only some of
 * them.
 */
final readonly class MarkFields
{
    /** @param  list<string>  $except  items of the place that a reference leaves out */
    public function __construct(
        public ?string $item = null,
        public PointSet $points = new PointSet(0),
        public ?string $place = null,
        public ?string $text = null,
        /** Id of the mark that an undo takes out of force. */
        public ?string $undoes = null,
        /** The side it was said of, where one side was; null means both. */
        public ?Side $side = null,
        /** A figure as said, in thousandths of its unit. */
        public ?int $value = null,
        /** Axle or side that a reference names. */
        public ?ReferredTo $from = null,
        public array $except = [],
        public ?string $section = null,
    ) {}
}
