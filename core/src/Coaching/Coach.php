<?php

declare(strict_types=1);

namespace Pasada\Core\Coaching;

use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Item;

/** Composes the words to use next time from an item's points and figures. */
final readonly class Coach
{
    public function __construct(private Phrasebook $phrasebook, private Aliases $aliases) {}

    /** @return list<string> what else the part is called */
    public function aliases(Item $item): array
    {
        return $this->aliases->of($item->component);
    }

    /** Two or three words for a button. */
    public function label(Point $point): string
    {
        return $this->phrasebook->label($point);
    }

    /** "no more than 1 in of travel by hand, brakes released and wheels chocked" */
    public function phrase(Item $item, Point $point): string
    {
        $figure = $item->figures[$point->value] ?? null;
        $words = $item->say[$point->value] ?? $this->phrasebook->say($point);
        $words = str_replace('{drive}', $item->drive ?? 'belt or gear', $words);
        // Without a figure the words stand as they are: the state or the maker gives none that all share.
        $words = str_replace('{figure}', $figure?->said() ?? 'as the maker or the state says', $words);

        return $words;
    }

    /** One sentence naming the item and the points, as a student would say it; the points in the checklist's order. */
    public function sentence(Item $item, PointSet $points): string
    {
        $words = $this->words($item, $points);

        return $item->fullName().($words === '' ? '.' : ': '.$words.'.');
    }

    /** The points alone, as a student would say them; semicolons, because many phrases hold commas of their own. */
    public function words(Item $item, PointSet $points): string
    {
        return implode('; ', array_map(fn (Point $point): string => $this->phrase($item, $point), $points->points()));
    }
}
