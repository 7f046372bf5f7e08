<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Reads lines of the bench's log: `{"events": [{"id", "at_ms", "kind", ...} or {"id", "undoes"}, ...]}`. */
final readonly class BenchEntryReader
{
    private const LONGEST_WALK_MS = 12 * 3600 * 1000;

    /**
     * @param  array<mixed>  $document  decoded
     * @param  callable(string): bool  $isKnown  whether a line of this id is kept already
     * @return list<BenchEntry>
     *
     * @throws DocumentHasFaults with every fault and its path
     */
    public function read(array $document, callable $isKnown): array
    {
        $faults = new Faults;
        $entries = [];
        $ids = [];
        foreach (Node::root($document, $faults)->nodesOr('events') as $node) {
            $entry = $this->entry($node);
            if ($entry->undoes !== null && ! isset($ids[$entry->undoes]) && ! $isKnown($entry->undoes)) {
                $node->child('undoes')->fault('names nothing that was observed in this attempt');
            }
            $ids[$entry->id] = true;
            $entries[] = $entry;
        }
        $faults->stopIfAny('events');

        return $entries;
    }

    private function entry(Node $node): BenchEntry
    {
        $id = $node->uuid('id');
        $walkMs = $node->has('walk_ms') ? $node->int('walk_ms', 0, self::LONGEST_WALK_MS) : null;
        if ($node->has('undoes')) {
            $node->only('id', 'undoes', 'walk_ms');

            return BenchEntry::takingBack($id, $node->uuid('undoes'), $walkMs);
        }

        return BenchEntry::observed($id, (new EventReader)->event($node, 'id', 'walk_ms'), $walkMs);
    }
}
