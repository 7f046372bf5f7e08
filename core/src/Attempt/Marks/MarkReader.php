<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Side;

/** Reads marks of the open format, and checks each against the inspection that it belongs to. */
final readonly class MarkReader
{
    /** Half a day: longer than any walk, short enough to catch seconds sent as milliseconds of the epoch. */
    private const LONGEST_MS = 12 * 3600 * 1000;

    private const LONGEST_NOTE = 2000;

    public function __construct(private Inspection $inspection) {}

    /**
     * @param  array<mixed>  $document  `{"marks": [{"id", "at_ms", "kind", ...}]}`, decoded
     * @param  int|null  $notBeforeMs  time of the last mark this recorder sent before; its clock only runs forward.
     *   Null for
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
                $node
                    ->child('at_ms')
                    ->fault(
                        sprintf(
                            'runs backwards: %d ms after %d ms; a recorder sends its marks in the order it made them',
                            $mark->atMs,
                            $clock,
                        ),
                    );
            }
            $clock = max($clock, $mark->atMs);
            $undoes = $mark->undoes();
            if ($undoes !== null && ! isset($ids[$undoes]) && ! $isKnown($undoes)) {
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
        $node->only('id', 'at_ms', 'kind', ...$kind->fields());
        $carries = static fn (string $field): bool => in_array($field, $kind->fields(), true);
        $mayLackItem = $kind === MarkKind::Note || $kind === MarkKind::LookAgain;
        $mayLackText = ! in_array($kind, [MarkKind::Note, MarkKind::DefectPlanted], true);
        $points = $carries('points') ? $this->points($node) : PointSet::none();
        if ($kind === MarkKind::FigureHeard) {
            $this->faultWithoutFigure($node, $points);
        }
        if ($kind === MarkKind::SaidWrong && $points->isEmpty()) {
            $node->child('points')->fault('asks for at least one point that was said wrong');
        }

        $fields = new MarkFields(
            item: $carries('item') && (! $mayLackItem || $node->has('item')) ? $this->item($node, 'item') : null,
            points: $points,
            place: $carries('place') ? $this->place($node) : null,
            text: $carries('text') && (! $mayLackText || $node->has('text')) ? $this->text($node) : null,
            undoes: $carries('undoes') ? $node->uuid('undoes') : null,
            side: $carries('side') && $node->has('side') ? $node->enum('side', Side::class) : null,
            value: $carries('value') ? $this->value($node) : null,
            from: $carries('from') ? ReferredTo::of($this->from($node)) : null,
            except: $carries('except')
                ? array_map(fn (Node $entry): string => $this->knownItem($entry), $node->nodesOr('except'))
                : [],
            section: $carries('section') ? $this->section($node) : null,
        );

        return Mark::of(
            $node->uuid('id'), $node->int('at_ms', 0, self::LONGEST_MS), $kind, $fields,
            $carries('evidence') && $node->has('evidence') ? $this->text($node, 'evidence') : null,
            $carries('said') && $node->has('said') ? $node->enum('said', SaidWhen::class) : null,
        );
    }

    private function item(Node $node, string $key): string
    {
        return $this->knownItem($node->child($key));
    }

    private function knownItem(Node $entry): string
    {
        $id = $entry->asString();
        if ($id !== '' && $this->inspection->item($id) === null) {
            $entry->fault(sprintf('"%s" is not on the sheet of this attempt', $id));
        }

        return $id;
    }

    private function value(Node $node): int
    {
        $value = $node->thousandths('value');
        if ($value === null) {
            $node->child('value')->fault('asks for the figure as it was said');
        }

        return $value ?? 0;
    }

    private function faultWithoutFigure(Node $node, PointSet $points): void
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
    private function from(Node $node): string
    {
        $from = $node->string('from');
        if (in_array($from, ['', 'left', 'right'], true)) {
            return $from;
        }
        foreach ($this->inspection->items as $item) {
            if ($item->position->axle === $from) {
                return $from;
            }
        }
        $node->child('from')->fault(sprintf('"%s" is no axle of this vehicle, nor "left" or "right"', $from));

        return $from;
    }

    private function section(Node $node): string
    {
        $section = $node->string('section');
        if ($section !== $this->inspection->checklist->rules->brakes?->section) {
            $node
                ->child('section')
                ->fault(sprintf('"%s" does not hold the brake tests; only they are begun again', $section));
        }

        return $section;
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
        $foreign =
            $item === null
                ? PointSet::none()
                : $points->without($item->points)->without(PointSet::of(Point::Identified));
        foreach ($foreign->points() as $point) {
            $node->child('points')->fault(sprintf('"%s" is not asked of this item', $point->value));
        }

        return $points;
    }

    private function text(Node $node, string $key = 'text'): string
    {
        $text = trim($node->string($key));
        if (mb_strlen($text) > self::LONGEST_NOTE) {
            $node->child($key)->fault(sprintf('is longer than %d characters', self::LONGEST_NOTE));
        }

        return $text;
    }
}
