<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Binding\Finding;
use Pasada\Core\Listening\Binding\Measure;

/** Writes figures down with the parts they measure. */
final readonly class Measures
{
    /** Parts that are pulled as one, so that one figure tells of both. */
    private const PAIR = ['brake.push_rod', 'brake.slack_adjuster'];

    /** Words within which the other of them was spoken of. */
    private const PAIR_WORDS = 22;

    public function __construct(private Words $words) {}

    public function take(Finding $finding, Clue $clue, Point $point): void
    {
        if ($clue->quantity === null) {
            return;
        }
        $bound = Bound::around($this->words, $clue->quantity);
        // What is read off after the limit was told does not take its place.
        if (
            $bound === Bound::Plain && isset($finding->said[$point->value])
            && $finding->said[$point->value][1] !== Bound::Plain
        ) {
            return;
        }
        $finding->figures = [
            ...$finding->figures, ...Measure::figures($clue->quantity, $point, $finding->placed->part),
        ];
        $finding->said[$point->value] = [$clue->quantity, $bound];
    }

    /**
     * Push rod and slack adjuster are pulled as one: a figure of one tells of the other.
     *
     * @param  list<Finding>  $findings
     * @param  list<int>  $spoken  the names so far
     * @param  list<int>  $with  the names that the figure was given to
     */
    public function share(array $findings, array $spoken, Clue $clue, array $with): void
    {
        $first = $with === [] ? null : $findings[$with[0]];
        if (
            $clue->quantity === null || $first === null || count($with) > 1
            || ! in_array($first->placed->part->id, self::PAIR, true)
        ) {
            return;
        }
        foreach (array_reverse($spoken) as $other) {
            $of = $findings[$other];
            if (
                $of !== $first && in_array($of->placed->part->id, self::PAIR, true)
                && $of->placed->axle() === $first->placed->axle() && $clue->from - $of->to < self::PAIR_WORDS
                && Measure::pointOf($clue->quantity, $of->placed->part) === Point::RodPlay
            ) {
                $of->add(Point::RodPlay, true, $clue->from, $clue->to);
                $this->take($of, $clue, Point::RodPlay);

                return;
            }
        }
    }
}
