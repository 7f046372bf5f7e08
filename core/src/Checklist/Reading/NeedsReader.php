<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Document\Node;
use Pasada\Core\Vehicle\Feature;

/** Reads what a part or a figure needs: `"a|b"` is met by either, a list by all its entries. */
final readonly class NeedsReader
{
    /** @return list<non-empty-list<Feature>> */
    public function read(Node $node, string $key): array
    {
        $needs = [];
        foreach ($node->nodesOr($key) as $entry) {
            $anyOf = [];
            foreach (explode('|', $entry->asString()) as $word) {
                $feature = Feature::tryFrom($word);
                if ($feature === null) {
                    $entry->fault(sprintf('"%s" is no feature of a vehicle or axle', $word));
                } else {
                    $anyOf[] = $feature;
                }
            }
            if ($anyOf !== []) {
                $needs[] = $anyOf;
            }
        }

        return $needs;
    }
}
