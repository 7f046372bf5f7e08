<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\Rules;

/** Holds every rule of a checklist's pass mark against what was scored. */
final readonly class PassRules
{
    private const MOST_NAMED = 3;

    /**
     * @param  list<SectionScore>  $sections
     * @param  array<string, ItemOutcome>  $outcomes
     */
    public function __construct(
        private Rules $rules,
        private Score $overall,
        private array $sections,
        private array $outcomes,
        private OrderReport $order,
        private BrakeReport $brakes,
        private TimeReport $time,
        private Walk $walk,
    ) {}

    /** @return non-empty-list<PassCheck> */
    public function checks(): array
    {
        $mark = $this->rules->pass;
        $checks = [];
        if ($mark->overallPercent !== null) {
            $checks[] = $this->share('the whole walk', $this->overall, $mark->overallPercent, $this->outcomes);
        }
        foreach ($mark->sectionPercent === null ? [] : $this->sections as $section) {
            // A section in which everything was waved or counts for nothing has no share.
            if ($section->score->possible > 0) {
                $checks[] = $this->share('"'.$section->name.'"', $section->score, (int) $mark->sectionPercent, $this->in($section->id));
            }
        }
        $checks = [...$checks, ...$this->critical()];
        if ($mark->outOfPlaceAllowed !== null) {
            $checks[] = $this->outOfPlace($mark->outOfPlaceAllowed);
        }
        if ($this->rules->brakes?->critical === true) {
            foreach ($this->brakes->breaches as $breach) {
                $checks[] = new PassCheck(false, false, $breach, 'The brake tests once, in their order, would have been enough.');
            }
        }
        if ($this->rules->overTimeFails) {
            foreach ($this->time->breaches as $breach) {
                $checks[] = new PassCheck(false, false, $breach, 'Keeping to the time would have been enough.');
            }
        }
        if ($mark->missesAllowed !== null || $checks === []) {
            $checks[] = $this->misses($mark->missesAllowed ?? 0);
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function critical(): array
    {
        $checks = [];
        $critical = $this->rules->pass->criticalSections;
        if ($this->rules->brakes?->critical === true) {
            $critical[] = $this->rules->brakes->section;
        }
        foreach ($this->sections as $section) {
            if (in_array($section->id, $critical, true)) {
                $checks[] = $this->whole('"'.$section->name.'"', $section->score, $this->in($section->id));
            }
        }
        foreach ($this->rules->pass->criticalComponents as $component) {
            $asked = array_filter($this->outcomes, static fn (ItemOutcome $outcome): bool => $outcome->item->component === $component);
            if ($asked !== []) {
                $checks[] = $this->whole('"'.$asked[array_key_first($asked)]->item->name.'"', Score::of($asked), $asked);
            }
        }

        return $checks;
    }

    /** @param  array<string, ItemOutcome>  $outcomes */
    private function share(string $what, Score $score, int $percent, array $outcomes): PassCheck
    {
        $permille = $score->permille();

        return new PassCheck(
            $score->reaches($percent),
            $score->canReach($percent),
            sprintf('%d.%d %% of %s was earned; %d %% is asked.', intdiv($permille, 10), $permille % 10, $what, $percent),
            $this->enough($score->short($percent), $outcomes),
        );
    }

    /**
     * The fewest items that would have made up for what lacks, the dearest first.
     *
     * @param  array<string, ItemOutcome>  $outcomes
     */
    private function enough(int $short, array $outcomes): string
    {
        if ($short === 0) {
            return '';
        }
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

        return sprintf('%d more %s would %s enough.', $count, $count === 1 ? 'item earned whole' : 'items earned whole', $this->walk->finished ? 'have been' : 'be');
    }

    /** @param  array<string, ItemOutcome>  $outcomes */
    private function whole(string $what, Score $score, array $outcomes): PassCheck
    {
        $lacking = array_filter($outcomes, static fn (ItemOutcome $outcome): bool => ! $outcome->item->bonus && $outcome->possible > 0 && ! $outcome->isEarned());
        $names = array_map(static fn (ItemOutcome $outcome): string => $outcome->item->fullName(), array_slice(array_values($lacking), 0, self::MOST_NAMED));
        $more = count($lacking) - count($names);

        return new PassCheck(
            $score->misses() === 0,
            $score->reachable === $score->possible,
            sprintf('All %d of %s must be earned; %d were not.', $score->asked, $what, $score->misses()),
            $names === [] ? '' : 'Needed: '.implode(', ', $names).($more > 0 ? sprintf(' and %d more', $more) : '').'.',
        );
    }

    private function outOfPlace(int $allowed): PassCheck
    {
        $count = count($this->order->outOfPlace);

        return new PassCheck(
            $count <= $allowed,
            $count <= $allowed,
            sprintf('%d items were said out of place; %d are let pass.', $count, $allowed),
            $count <= $allowed ? '' : sprintf('%d fewer would have been enough.', $count - $allowed),
        );
    }

    private function misses(int $allowed): PassCheck
    {
        $score = $this->overall;
        $lost = $this->walk->finished ? $score->misses() : count(array_filter(
            $this->outcomes,
            static fn (ItemOutcome $outcome): bool => ! $outcome->item->bonus && $outcome->possible > 0 && $outcome->reachable < $outcome->possible,
        ));

        return new PassCheck(
            $score->misses() <= $allowed,
            $lost <= $allowed,
            sprintf('%d of %d items were not earned; %d are let pass.', $score->misses(), $score->asked, $allowed),
            $score->misses() <= $allowed ? '' : sprintf('%d more earned whole would %s enough.', $score->misses() - $allowed, $this->walk->finished ? 'have been' : 'be'),
        );
    }

    /** @return array<string, ItemOutcome> */
    private function in(string $section): array
    {
        return array_filter($this->outcomes, static fn (ItemOutcome $outcome): bool => $outcome->item->section === $section);
    }
}
