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
    /** Below this a proposal is more often wrong than right and is not made. */
    private const LEAST = 0.35;

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
     * @return list<Proposal>
     */
    public function gather(array $findings, array $references): array
    {
        Repeats::give($findings, $references);
        $byKey = [];
        foreach ($findings as $finding) {
            if (
                $finding->points !== [] ||
                $finding->defects !== [] ||
                $finding->notFitted ||
                $this->isNamed($finding)
            ) {
                $byKey[$finding->placed->key()][] = $finding;
            }
        }
        $proposals = [];
        foreach ($byKey as $same) {
            $proposal = $this->proposal($same);
            if ($proposal->confidence >= self::LEAST) {
                $proposals[] = $proposal;
            }
        }
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
    private function proposal(array $same): Proposal
    {
        $evidence = array_map($this->evidence(...), $same);
        usort($evidence, static fn (Evidence $a, Evidence $b): int => $a->from <=> $b->from);
        $placed = $same[0]->placed;
        $all = new Proposal(
            $placed->part->id, $placed->axle(), PointSet::none(),
            array_merge(...array_map(static fn (Finding $one): array => $one->figures, $same)),
            round($this->sureness->of($same), 2), $evidence, [], [], false, $placed->runnerUp,
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
