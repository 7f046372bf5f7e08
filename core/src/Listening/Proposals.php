<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Language\Excerpt;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Binding\Finding;
use Pasada\Core\Listening\Decoding\Repeats;
use Pasada\Core\Listening\Lexicon\EntryKind;

/** Brings the findings of one component at one axle together, and says how sure they are. */
final readonly class Proposals
{
    /** Below this a proposal is more often wrong than right: it is a "maybe". */
    private const LIKELY = 0.5;

    /**
     * A part that was named in passing, or far from where the speaker stands, and of which nothing was said: eleven of
     * nineteen were meant in the twelve walks of people (core/tests/Listening/People).
     */
    private const NAMED_IN_PASSING = 0.5;

    /** Words before a name by which it is shown. */
    private const NAMING = '/(this is|here is|here we have|i have|we have|got|that is|next is|is)( '.
        '(my|the|your|our|a|an))?$|\bmy$/';

    /** Names that are read out one after the other are named, at the least so many. */
    private const LIST = 3;

    /** Cost in hundredths over which a name without a statement is believed not to be one. */
    private const MOST_BARE = 80;

    public function __construct(
        private Transcript $transcript, private Words $words, private Sureness $sureness,
    ) {}

    /**
     * @param  list<Finding>  $findings
     * @param  list<array{int, int, string}>  $references
     * @return array{list<Proposal>, list<Proposal>} those that are likely, and those that may be, in walking order
     */
    public function gather(array $findings, array $references): array
    {
        Repeats::give($findings, $references);
        $byKey = $passing = $likely = $maybe = [];
        foreach ($findings as $finding) {
            $key = $finding->placed->key();
            if (
                $finding->points !== [] ||
                $finding->defects !== [] ||
                $finding->notFitted ||
                $this->isNamed($finding)
            ) {
                $byKey[$key][] = $finding;
            } elseif (! $finding->isNoName && $finding->placed->kind === EntryKind::Part) {
                $passing[$key][] = $finding;
            }
        }
        foreach ($byKey as $same) {
            $sure = $this->sureness->of($same);
            if ($sure >= self::LIKELY) {
                $likely[] = $this->proposal($same, $sure);
            } else {
                $maybe[] = $this->proposal($same, $sure);
            }
        }
        foreach (array_diff_key($passing, $byKey) as $same) {
            $maybe[] = $this->proposal($same, self::NAMED_IN_PASSING);
        }

        return [self::inOrder($likely), self::inOrder($maybe)];
    }

    /**
     * @param  list<Proposal>  $proposals
     * @return list<Proposal>
     */
    private static function inOrder(array $proposals): array
    {
        usort($proposals, static fn (Proposal $a, Proposal $b): int => $a->evidence[0]->from <=> $b->evidence[0]->from);

        return $proposals;
    }

    /** Named and nothing said of it: shown, read out in a list, or a lamp that is called by its name. */
    private function isNamed(Finding $finding): bool
    {
        $mention = $finding->placed->mention;
        if (
            $finding->isNoName || $finding->placed->kind !== EntryKind::Part
            || $finding->placed->cost > self::MOST_BARE
        ) {
            return false;
        }
        $before = implode(' ', array_slice($this->words->text, max(0, $mention->from - 4), min(4, $mention->from)));

        return $finding->listed >= self::LIST || preg_match(self::NAMING, $before) === 1;
    }

    /** @param  non-empty-list<Finding>  $same */
    private function proposal(array $same, float $sure): Proposal
    {
        $evidence = array_map($this->evidence(...), $same);
        usort($evidence, static fn (Evidence $a, Evidence $b): int => $a->from <=> $b->from);
        $placed = $same[0]->placed;
        $all = new Proposal(
            $placed->part->id, $placed->axle(), PointSet::none(),
            array_merge(...array_map(static fn (Finding $one): array => $one->figures, $same)),
            round($sure, 2), $evidence, [], [], false, $placed->runnerUp,
        );

        return $all->restingOn($evidence);
    }

    private function evidence(Finding $finding): Evidence
    {
        return new Evidence(
            $this->transcript->cues[$this->words->cue[$finding->from]]->from,
            Excerpt::of($this->transcript, $this->words, $finding->from, $finding->to),
            $finding->from, $finding->to,
            array_map(Point::from(...), array_keys($finding->points)),
            $finding->said, $finding->defects, $finding->notFitted,
        );
    }
}
