<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Document\Node;
use Pasada\Core\Inspection\Inspection;

/** Reads single fields of a mark, each checked against the inspection that the mark belongs to. */
final readonly class MarkFieldReader
{
    private const LONGEST_NOTE = 2000;

    public function __construct(private Inspection $inspection) {}

    public function item(Node $node, string $key): string
    {
        return $this->knownItem($node->child($key));
    }

    public function knownItem(Node $entry): string
    {
        $id = $entry->asString();
        if ($id !== '' && $this->inspection->item($id) === null) {
            $entry->fault(sprintf('"%s" is not on the sheet of this attempt', $id));
        }

        return $id;
    }

    public function value(Node $node): int
    {
        $value = $node->thousandths('value');
        if ($value === null) {
            $node->child('value')->fault('asks for the figure as it was said');
        }

        return $value ?? 0;
    }

    public function faultWithoutFigure(Node $node, PointSet $points): void
    {
        if ($points->count() !== 1) {
            $node->child('points')->fault('asks for the one point that the figure belongs to');

            return;
        }
        $item = $this->inspection->item($node->string('item'));
        $code = $points->points()[0]->value;
        if ($item !== null && ! isset($item->figures[$code])) {
            $node
                ->child('points')
                ->fault(sprintf('"%s" has no figure here; mark it as heard, or as said wrong', $code));
        }
    }

    /** An axle or side that a reference can name on this vehicle. */
    public function from(Node $node): ReferredTo
    {
        $from = $node->string('from');
        if (in_array($from, ['', 'left', 'right'], true)) {
            return ReferredTo::of($from);
        }
        foreach ($this->inspection->items as $item) {
            if ($item->position->axle === $from) {
                return ReferredTo::of($from);
            }
        }
        $node->child('from')->fault(sprintf('"%s" is no axle of this vehicle, nor "left" or "right"', $from));

        return ReferredTo::of($from);
    }

    public function section(Node $node): string
    {
        $section = $node->string('section');
        if ($section !== $this->inspection->checklist->rules->brakes?->section) {
            $node
                ->child('section')
                ->fault(sprintf('"%s" does not hold the brake tests; only they are restarted', $section));
        }

        return $section;
    }

    public function place(Node $node): string
    {
        $id = $node->string('place');
        if ($id !== '' && $this->inspection->place($id) === null) {
            $node->child('place')->fault(sprintf('"%s" is no place of this walk', $id));
        }

        return $id;
    }

    public function points(Node $node): PointSet
    {
        $points = PointSet::of(...$node->enums('points', Point::class));
        $item = $this->inspection->item($node->string('item'));
        $foreign =
            $item === null
                ? PointSet::none()
                : $points->without($item->points)->without(PointSet::of(Point::Identified));
        foreach ($foreign->points() as $point) {
            $node->child('points')->fault(sprintf('"%s" is not asked of this item', $point->value));
        }

        return $points;
    }

    public function text(Node $node, string $key = 'text'): string
    {
        $text = trim($node->string($key));
        if (mb_strlen($text) > self::LONGEST_NOTE) {
            $node->child($key)->fault(sprintf('is longer than %d characters', self::LONGEST_NOTE));
        }

        return $text;
    }
}
