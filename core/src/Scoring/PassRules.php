<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\Rules\BrakeWeight;
use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\Order\OrderReport;

/** Holds every rule of a checklist's pass mark against what was scored. */
final readonly class PassRules
{
    private const MOST_NAMED = 3;

    private Rules $rules;

    /**
     * @param  list<SectionScore>  $sections
     * @param  array<string, ItemOutcome>  $outcomes
     */
    public function __construct(
        private Inspection $inspection,
        private Walk $walk,
        private Score $overall,
        private array $sections,
        private array $outcomes,
        private OrderReport $order,
        private BrakeReport $brakes,
        private TimeReport $time,
        private RestartableItems $restartable,
    ) {
        $this->rules = $inspection->checklist->rules;
    }

    /** @return non-empty-list<PassCheck> */
    public function checks(): array
    {
        $checks = [
            ...$this->shares(), ...$this->critical(), ...$this->places(), ...$this->breaches(),
            ...$this->missesBySection(),
        ];
        if ($this->rules->pass->missesAllowed !== null || $checks === []) {
            $checks[] = $this->misses('', $this->overall, $this->rules->pass->missesAllowed ?? 0);
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function shares(): array
    {
        $mark = $this->rules->pass;
        $checks =
            $mark->overallPercent === null
                ? []
                : [$this->share('the whole walk', $this->overall, $mark->overallPercent, $this->outcomes)];
        foreach ($this->sections as $section) {
            $percent = $mark->percentOf($section->id);
            // A section in which everything was waved or counts for nothing has no share.
            if ($percent !== null && $section->score->possible > 0) {
                $checks[] = $this->share('"'.$section->name.'"', $section->score, $percent, $this->in($section->id));
            }
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function critical(): array
    {
        $checks = [];
        $critical = $this->rules->pass->criticalSections;
        if ($this->rules->brakes?->weight === BrakeWeight::Critical) {
            $critical[] = $this->rules->brakes->section;
        }
        foreach ($this->sections as $section) {
            if (in_array($section->id, $critical, true)) {
                $checks[] = $this->whole('"'.$section->name.'"', $section->score, $this->in($section->id));
            }
        }
        foreach ($this->rules->pass->criticalComponents as $component) {
            $asked = array_filter(
                $this->outcomes,
                static fn (ItemOutcome $outcome): bool => $outcome->item->component === $component,
            );
            if ($asked !== []) {
                $checks[] = $this->whole(
                    '"'.$asked[array_key_first($asked)]->item->name.'"',
                    Score::of($asked),
                    $asked,
                );
            }
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function places(): array
    {
        $mark = $this->rules->pass;
        $checks = [];
        if ($mark->outOfPlaceAllowed !== null) {
            // What is said anew on beginning the brake tests again may then be in its place.
            $least =
                $this->restartable->ids === []
                    ? count($this->order->outOfPlace)
                    : OrderReport::outOfPlaceWithout($this->inspection, $this->walk, $this->restartable->ids);
            $checks[] = $this->outOfPlace(
                'items were said', count($this->order->outOfPlace), $least, $mark->outOfPlaceAllowed,
            );
        }
        if ($mark->sectionsOutOfPlaceAllowed !== null) {
            // Where a section stands may still move with what is said of it.
            $checks[] = $this->outOfPlace(
                'sections were walked', count($this->order->sectionsOutOfPlace), 0, $mark->sectionsOutOfPlaceAllowed,
            );
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function breaches(): array
    {
        $checks = [];
        foreach ($this->rules->brakes?->weight === BrakeWeight::Critical ? $this->brakes->breaches : [] as $breach) {
            $checks[] = $this->check(
                false,
                ! in_array($breach, $this->brakes->final, true),
                $breach,
                'The brake tests once, in their order, would have been enough.',
            );
        }
        foreach ($this->rules->overTimeFails ? $this->time->breaches : [] as $breach) {
            $checks[] = $this->check(false, false, $breach, 'Keeping to the time would have been enough.');
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function missesBySection(): array
    {
        $checks = [];
        foreach ($this->sections as $section) {
            $allowed = $this->rules->pass->missesAllowedIn($section->id);
            if ($allowed !== null && $section->score->asked > 0) {
                $checks[] = $this->misses(' of "'.$section->name.'"', $section->score, $allowed);
            }
        }

        return $checks;
    }

    /** @param  bool  $canBeMet  while the walk goes on; once it is finished nothing can */
    private function check(bool $isMet, bool $canBeMet, string $said, string $enough): PassCheck
    {
        return new PassCheck($isMet, $canBeMet && ! $this->walk->finished, $said, $isMet ? '' : $enough);
    }

    /** @param  array<string, ItemOutcome>  $outcomes */
    private function share(string $what, Score $score, int $percent, array $outcomes): PassCheck
    {
        $permille = $score->permille();

        return $this->check(
            $score->reaches($percent),
            $score->canReach($percent),
            sprintf(
                '%d.%d %% of %s was earned; %d %% is asked.', intdiv($permille, 10), $permille % 10, $what, $percent,
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
            $count === 1 ? 'item earned whole' : 'items earned whole',
            $this->walk->finished ? 'have been' : 'be',
        );
    }

    /** @param  array<string, ItemOutcome>  $outcomes */
    private function whole(string $what, Score $score, array $outcomes): PassCheck
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

        return $this->check(
            $score->misses() === 0, $score->lost === 0,
            sprintf('All %d of %s must be earned; %d were not.', $score->asked, $what, $score->misses()),
            $names === [] ? '' : 'Needed: '.implode(', ', $names).($more > 0 ? sprintf(' and %d more', $more) : '').'.',
        );
    }

    private function outOfPlace(string $what, int $count, int $least, int $allowed): PassCheck
    {
        return $this->check(
            $count <= $allowed,
            $least <= $allowed,
            sprintf('%d %s out of place; %d are let pass.', $count, $what, $allowed),
            sprintf('%d fewer would have been enough.', $count - $allowed),
        );
    }

    private function misses(string $where, Score $score, int $allowed): PassCheck
    {
        return $this->check(
            $score->misses() <= $allowed,
            $score->lost <= $allowed,
            sprintf(
                '%d of %d items%s were not earned; %d are let pass.',
                $score->misses(),
                $score->asked,
                $where,
                $allowed,
            ),
            sprintf(
                '%d more earned whole would %s enough.',
                $score->misses() - $allowed,
                $this->walk->finished ? 'have been' : 'be',
            ),
        );
    }

    /** @return array<string, ItemOutcome> */
    private function in(string $section): array
    {
        return array_filter(
            $this->outcomes,
            static fn (ItemOutcome $outcome): bool => $outcome->item->section === $section,
        );
    }
}
