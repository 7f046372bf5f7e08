<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\History;

use Pasada\Core\Scoring\ItemStatus;

/** How much of its items a walk earned. */
final readonly class ItemShares
{
    /**
     * Only of items that were asked and are worth something.
     *
     * @param  array<string, array{ItemStatus, int, int}>  $outcomes  status, earned and possible worth, by item
     * @return array<string, int> earned thousandths of each item's worth, by item
     */
    public static function of(array $outcomes): array
    {
        $shares = [];
        foreach ($outcomes as $item => [$status, $earned, $possible]) {
            if ($possible > 0 && $status->isAsked()) {
                $shares[$item] = intdiv(1000 * $earned, $possible);
            }
        }

        return $shares;
    }
}
