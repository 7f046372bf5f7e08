<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Inspection\Inspection;

/** Reads marks of the open format, and checks each against the inspection that it belongs to. */
final readonly class MarkReader
{
    /** Half a day: longer than any walk, short enough to catch seconds sent as milliseconds of the epoch. */
    private const LONGEST_MS = 12 * 3600 * 1000;

    private const LONGEST_NOTE = 2000;

    public function __construct(private Inspection $inspection) {}

    /**
     * @param  array<mixed>  $document  `{"marks": [{"id", "at_ms", "kind", ...}]}`, decoded
     * @param  int|null  $notBeforeMs  time of the last mark this recorder sent before; its clock only runs forward. Null for
     *                                 marks of any recorders in any order, as in a file
     * @param  callable(string): bool  $isKnown  whether a mark of this id is stored already
     * @return list<Mark>
     *
     * @throws DocumentHasFaults with every fault and its path
     */
    public function read(array $document, ?int $notBeforeMs, callable $isKnown): array
    {
        $faults = new Faults;
        $marks = [];
        $nodes = Node::root($document, $faults)->nodes('marks');
        $ids = $notBeforeMs === null ? $this->ids($nodes) : [];
        $clock = $notBeforeMs ?? 0;
        foreach ($nodes as $node) {
            $mark = $this->mark($node);
            if ($isKnown($mark->id)) {
                // Sent again after a lost answer: it was checked the first time and its time may lie behind the clock.
                $marks[] = $mark;
                $ids[$mark->id] = true;

                continue;
            }
            if ($notBeforeMs !== null && $mark->atMs < $clock) {
                $node->child('at_ms')->fault(sprintf('runs backwards: %d ms after %d ms; a recorder sends its marks in the order it made them', $mark->atMs, $clock));
            }
            $clock = max($clock, $mark->atMs);
            if ($mark->undoes !== null && ! isset($ids[$mark->undoes]) && ! $isKnown($mark->undoes)) {
                $node->child('undoes')->fault('names no mark of this attempt');
            }
            $marks[] = $mark;
            $ids[$mark->id] = true;
        }
        $faults->stopIfAny('marks');

        return $marks;
    }

    /**
     * @param  list<Node>  $nodes
     * @return array<string, true>
     */
    private function ids(array $nodes): array
    {
        $ids = [];
        foreach ($nodes as $node) {
            // A missing id is told of where the mark is read.
            $ids[$node->has('id') ? strtolower($node->string('id')) : ''] = true;
        }

        return $ids;
    }

    private function mark(Node $node): Mark
    {
        $kind = $node->enum('kind', MarkKind::class);
        $node->only('id', 'at_ms', 'kind', ...match ($kind) {
            MarkKind::HeardWhole, MarkKind::NotFitted => ['item'],
            MarkKind::PointsHeard, MarkKind::PointsTakenBack => ['item', 'points'],
            MarkKind::PlaceEntered, MarkKind::PlaceClosed => ['place'],
            MarkKind::Note => ['text', 'item'],
            MarkKind::Undo => ['undoes'],
            MarkKind::Finished => [],
        });
        $id = $this->uuid($node, 'id');
        $atMs = $node->int('at_ms', 0, self::LONGEST_MS);

        return match ($kind) {
            MarkKind::HeardWhole => Mark::heardWhole($id, $atMs, $this->item($node)),
            MarkKind::PointsHeard => Mark::pointsHeard($id, $atMs, $this->item($node), $this->points($node)),
            MarkKind::PointsTakenBack => Mark::pointsTakenBack($id, $atMs, $this->item($node), $this->points($node)),
            MarkKind::PlaceEntered => Mark::placeEntered($id, $atMs, $this->place($node)),
            MarkKind::PlaceClosed => Mark::placeClosed($id, $atMs, $this->place($node)),
            MarkKind::NotFitted => Mark::notFitted($id, $atMs, $this->item($node)),
            MarkKind::Note => Mark::note($id, $atMs, $this->text($node), $node->has('item') ? $this->item($node) : null),
            MarkKind::Undo => Mark::undo($id, $atMs, $this->uuid($node, 'undoes')),
            MarkKind::Finished => Mark::finished($id, $atMs),
        };
    }

    private function uuid(Node $node, string $key): string
    {
        $id = strtolower($node->string($key));
        if (preg_match('/^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/', $id) !== 1) {
            $node->child($key)->fault('asks for a UUID');
        }

        return $id;
    }

    private function item(Node $node): string
    {
        $id = $node->string('item');
        if ($id !== '' && $this->inspection->item($id) === null) {
            $node->child('item')->fault(sprintf('"%s" is not on the sheet of this attempt', $id));
        }

        return $id;
    }

    private function place(Node $node): string
    {
        $id = $node->string('place');
        if ($id !== '' && $this->inspection->place($id) === null) {
            $node->child('place')->fault(sprintf('"%s" is no place of this walk', $id));
        }

        return $id;
    }

    private function points(Node $node): PointSet
    {
        $points = PointSet::of(...$node->enums('points', Point::class));
        $item = $this->inspection->item($node->string('item'));
        $foreign = $item === null ? PointSet::none() : $points->without($item->points)->without(PointSet::of(Point::Identified));
        foreach ($foreign->points() as $point) {
            $node->child('points')->fault(sprintf('"%s" is not asked of this item', $point->value));
        }

        return $points;
    }

    private function text(Node $node): string
    {
        $text = trim($node->string('text'));
        if (mb_strlen($text) > self::LONGEST_NOTE) {
            $node->child('text')->fault(sprintf('is longer than %d characters', self::LONGEST_NOTE));
        }

        return $text;
    }
}
