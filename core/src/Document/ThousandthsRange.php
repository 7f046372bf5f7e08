<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/** Two fields of a document that are the ends of one range. */
final readonly class ThousandthsRange
{
    /**
     * Both ends in thousandths; null where the document gives none. A low end above the high one is a fault.
     *
     * @return array{?int, ?int}
     */
    public static function read(Node $node, string $lowKey, string $highKey): array
    {
        $low = $node->thousandths($lowKey);
        $high = $node->thousandths($highKey);
        if ($low !== null && $high !== null && $low > $high) {
            $node->child($lowKey)->fault('is above '.$highKey);
        }

        return [$low, $high];
    }
}
