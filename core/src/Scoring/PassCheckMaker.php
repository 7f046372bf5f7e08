<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** Makes the checks of a pass mark, each with what would have been enough. */
final readonly class PassCheckMaker
{
    private const MOST_NAMED = 3;

    /** @param  bool  $finished  whether the walk is over, so that what is not met can no longer be */
    public function __construct(private bool $finished) {}

    /** @param  bool  $canBeMet  while the walk goes on; once it is finished nothing can */
    public function of(bool $isMet, bool $canBeMet, string $said, string $enough): PassCheck
    {
        return new PassCheck($isMet, $canBeMet && ! $this->finished, $said, $isMet ? '' : $enough);
    }

    /** @param  array<string, ItemOutcome>  $outcomes */
    public function share(string $what, Score $score, int $percent, array $outcomes): PassCheck
    {
        $permille = $score->permille();

        return $this->of(
            $score->reaches($percent),
            $score->canReach($percent),
            sprintf(
                '%s of %s was earned; %d%% is needed.', Said::percent($permille), $what, $percent,
            ),
            $score->reaches($percent) ? '' : $this->enough($score->short($percent), $outcomes),
        );
    }

    /**
     * The fewest items that would have made up for what lacks, the dearest first.
     *
     * @param  array<string, ItemOutcome>  $outcomes
     */
    private function enough(int $short, array $outcomes): string
    {
        $lost = array_map(static fn (ItemOutcome $outcome): int => $outcome->possible - $outcome->earned, $outcomes);
        rsort($lost);
        $count = 0;
        foreach ($lost as $units) {
            if ($short <= 0) {
                break;
            }
            $short -= $units;
            $count++;
        }

        return sprintf(
            '%d more %s would %s enough.',
            $count,
            $count === 1 ? 'complete item' : 'complete items',
            $this->finished ? 'have been' : 'be',
        );
    }

    /** @param  array<string, ItemOutcome>  $outcomes */
    public function whole(string $what, Score $score, array $outcomes): PassCheck
    {
        $lacking = array_filter(
            $outcomes,
            static fn (ItemOutcome $outcome): bool => $outcome->counts() && ! $outcome->isEarned(),
        );
        $names = array_map(
            static fn (ItemOutcome $outcome): string => $outcome->item->fullName(),
            array_slice(array_values($lacking), 0, self::MOST_NAMED),
        );
        $more = count($lacking) - count($names);

        return $this->of(
            $score->misses() === 0, $score->lost === 0,
            $score->asked === 1
                ? sprintf('%s is required; it was %s.', $what, $score->misses() === 0 ? 'earned' : 'missed')
                : sprintf('All %d items of %s are required; %d were missed.', $score->asked, $what, $score->misses()),
            $names === [] ? '' : 'Needed: '.implode(', ', $names).($more > 0 ? sprintf(' and %d more', $more) : '').'.',
        );
    }

    public function outOfPlace(string $what, int $count, int $least, int $allowed): PassCheck
    {
        return $this->of(
            $count <= $allowed,
            $least <= $allowed,
            sprintf('%d %s out of order; %d allowed.', $count, $what, $allowed),
            sprintf('%d fewer would have been enough.', $count - $allowed),
        );
    }

    public function misses(string $where, Score $score, int $allowed): PassCheck
    {
        return $this->of(
            $score->misses() <= $allowed,
            $score->lost <= $allowed,
            sprintf(
                '%d of %d items%s were missed; %d %s allowed.', $score->misses(), $score->asked, $where, $allowed,
                $allowed === 1 ? 'miss is' : 'misses are',
            ),
            sprintf(
                '%d more complete would %s enough.',
                $score->misses() - $allowed,
                $this->finished ? 'have been' : 'be',
            ),
        );
    }
}
