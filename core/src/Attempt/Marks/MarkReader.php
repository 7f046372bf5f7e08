<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

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

    private MarkFieldReader $field;

    public function __construct(Inspection $inspection)
    {
        $this->field = new MarkFieldReader($inspection);
    }

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
        $points = $carries('points') ? $this->field->points($node) : PointSet::none();
        if ($kind === MarkKind::FigureHeard) {
            $this->field->faultWithoutFigure($node, $points);
        }
        if ($kind === MarkKind::SaidWrong && $points->isEmpty()) {
            $node->child('points')->fault('asks for at least one point that was said wrong');
        }

        $fields = new MarkFields(
            item: $carries('item') && (! $mayLackItem || $node->has('item')) ? $this->field->item($node, 'item') : null,
            points: $points,
            place: $carries('place') ? $this->field->place($node) : null,
            text: $carries('text') && (! $mayLackText || $node->has('text')) ? $this->field->text($node) : null,
            undoes: $carries('undoes') ? $node->uuid('undoes') : null,
            side: $carries('side') && $node->has('side') ? $node->enum('side', Side::class) : null,
            value: $carries('value') ? $this->field->value($node) : null,
            from: $carries('from') ? $this->field->from($node) : null,
            except: $carries('except')
                ? array_map(fn (Node $entry): string => $this->field->knownItem($entry), $node->nodesOr('except'))
                : [],
            section: $carries('section') ? $this->field->section($node) : null,
        );

        return Mark::of(
            $node->uuid('id'), $node->int('at_ms', 0, self::LONGEST_MS), $kind, $fields,
            $carries('evidence') && $node->has('evidence') ? $this->field->text($node, 'evidence') : null,
            $carries('said') && $node->has('said') ? $node->enum('said', SaidWhen::class) : null,
        );
    }
}
