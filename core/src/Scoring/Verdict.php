<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Checklist\PassMark;

/** Pass or fail with the reasons; "open" while neither is sure. */
final readonly class Verdict
{
    /** @param  non-empty-list<PassCheck>  $checks */
    private function __construct(public Standing $standing, public array $checks) {}

    /**
     * @param  list<SectionScore>  $sections
     * @param  array<string, ItemOutcome>  $outcomes
     */
    public static function of(PassMark $mark, Score $overall, array $sections, array $outcomes, bool $finished): self
    {
        $checks = [];
        if ($mark->overallPercent !== null) {
            $checks[] = self::share('the whole walk', $overall, $mark->overallPercent);
        }
        if ($mark->sectionPercent !== null) {
            foreach ($sections as $section) {
                $checks[] = self::share('"'.$section->name.'"', $section->score, $mark->sectionPercent);
            }
        }
        foreach ($sections as $section) {
            if (in_array($section->id, $mark->criticalSections, true)) {
                $checks[] = self::critical('"'.$section->name.'"', $section->score);
            }
        }
        foreach ($mark->criticalComponents as $component) {
            $asked = array_filter($outcomes, static fn (ItemOutcome $outcome): bool => $outcome->item->component === $component);
            if ($asked !== []) {
                $checks[] = self::critical('"'.$asked[array_key_first($asked)]->item->name.'"', Score::of($asked));
            }
        }
        if ($mark->missesAllowed !== null || $checks === []) {
            $checks[] = self::misses($overall, $mark->missesAllowed ?? 0, $finished);
        }
        $met = ! in_array(false, array_map(static fn (PassCheck $check): bool => $check->met, $checks), true);
        $reachable = ! in_array(false, array_map(static fn (PassCheck $check): bool => $check->reachable, $checks), true);

        return new self(match (true) {
            $met => Standing::Passed,
            $finished || ! $reachable => Standing::Failed,
            default => Standing::Open,
        }, $checks);
    }

    private static function share(string $what, Score $score, int $percent): PassCheck
    {
        $permille = $score->permille();

        return new PassCheck(
            $score->reaches($percent),
            $score->canReach($percent),
            sprintf('%d.%d %% of %s was earned; %d %% is asked.', intdiv($permille, 10), $permille % 10, $what, $percent),
        );
    }

    private static function critical(string $what, Score $score): PassCheck
    {
        return new PassCheck(
            $score->misses() === 0,
            $score->reachable === $score->possible,
            sprintf('All %d of %s must be earned; %d were not.', $score->asked(), $what, $score->misses()),
        );
    }

    private static function misses(Score $score, int $allowed, bool $finished): PassCheck
    {
        $lost = $finished ? $score->misses() : $score->counts[ItemStatus::Missed->value] + $score->counts[ItemStatus::Late->value];

        return new PassCheck(
            $score->misses() <= $allowed,
            $lost <= $allowed,
            sprintf('%d of %d items were not earned; %d are let pass.', $score->misses(), $score->asked(), $allowed),
        );
    }
}
