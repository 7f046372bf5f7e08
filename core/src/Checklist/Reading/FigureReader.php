<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\UnitOfMeasure;
use Pasada\Core\Document\Node;
use Pasada\Core\Document\ThousandthsRange;
use Pasada\Core\Vehicle\AxleGroup;

/** Reads one entry of a checklist's `figures`. */
final readonly class FigureReader
{
    /** @param  list<string>  $components  known ids */
    public function __construct(private array $components) {}

    public function read(Node $node): Figure
    {
        $node->only(
            'id', 'point', 'components', 'axles', 'low', 'high', 'accepted_low', 'accepted_high', 'unit', 'source',
            'note', 'needs',
        );
        [$low, $high] = ThousandthsRange::read($node, 'low', 'high');
        if ($low === null && $high === null) {
            $node->fault('asks for a low or a high value');
        }
        [$acceptedLow, $acceptedHigh] = ThousandthsRange::read($node, 'accepted_low', 'accepted_high');
        foreach ($node->nodesOr('components') as $of) {
            if (! in_array($of->asString(), $this->components, true)) {
                $of->fault('is not among the components');
            }
        }
        // What a student says of a one-sided limit is the limit itself: "at least 4/32", not any figure above it.
        $acceptedLow ??= $low ?? $high ?? 0;
        $acceptedHigh ??= max($acceptedLow, $high ?? $low ?? 0);
        if ($acceptedLow > $acceptedHigh) {
            $node->child('accepted_low')->fault('is above what is accepted at the most');
        }

        return new Figure(
            $node->string('id'), $node->enum('point', Point::class), $node->strings('components'),
            $node->enums('axles', AxleGroup::class), $low, $high, $acceptedLow, $acceptedHigh,
            $node->enum('unit', UnitOfMeasure::class), $node->string('source'), $node->stringOr('note', ''), [],
            (new NeedsReader)->read($node, 'needs'),
        );
    }
}
