<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Binding\Finding;

/** What naming one part says of others: nuts of the parts at hand, a gap between two that meet. */
final readonly class Loans
{
    /** Words from "gap" to the parts that it lies between. */
    private const GAP_WORDS = 7;

    public function __construct(private Ground $ground) {}

    /**
     * "No gap between the skid plate and the apron."
     *
     * @param  list<Finding>  $findings
     * @param  list<int>  $spoken  the names before
     */
    public function isSideOfGap(array $findings, array $spoken, Finding $finding): bool
    {
        $at = $finding->placed->mention->from;
        if (
            ! $finding->placed->part->points->has(Point::NoGap) || $finding->placed->part->lends === Point::NoGap
            || ! in_array($this->ground->word($this->ground->before($at)), ['between', 'and'], true)
        ) {
            return false;
        }
        foreach (array_slice($spoken, -3) as $other) {
            $of = $findings[$other]->placed;
            if ($of->part->lends === Point::NoGap && $at - $of->mention->to <= self::GAP_WORDS) {
                return true;
            }
        }

        return false;
    }

    /**
     * Nuts and cotter pins are those of the parts at hand; a gap is one between all that meet there.
     *
     * @param  list<Finding>  $findings
     * @param  list<int>  $spoken  the names before
     */
    public function lend(array $findings, array $spoken, Finding $finding, Clue $clue): void
    {
        $point = $finding->placed->part->lends;
        $before = $this->ground->word($this->ground->before($clue->from));
        $isLent = $point === Point::NoGap || $this->ground->words->break[$clue->from] === Words::COMMA
            || in_array($before, ['got', 'has', 'have', 'with', 'and', 'all', 'no', 'missing', 'its', 'their'], true);
        if ($point === null || ! $isLent) {
            return;
        }
        foreach (array_slice($spoken, $point === Point::NoGap ? -4 : -5) as $other) {
            $of = $findings[$other];
            if (
                $clue->from - $of->to < 40
                && $of->placed->part->family() === $finding->placed->part->family()
                && $of->placed->part->points->has($point)
            ) {
                $of->points[$point->value] = true;
            }
        }
    }
}
