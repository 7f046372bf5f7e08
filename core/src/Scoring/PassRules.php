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
    private Rules $rules;

    private PassCheckMaker $check;

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
        $this->check = new PassCheckMaker($walk->finished);
    }

    /** @return non-empty-list<PassCheck> */
    public function checks(): array
    {
        $checks = [
            ...$this->shares(), ...$this->critical(), ...$this->places(), ...$this->breaches(),
            ...$this->missesBySection(),
        ];
        if ($this->rules->pass->missesAllowed !== null || $checks === []) {
            $checks[] = $this->check->misses('', $this->overall, $this->rules->pass->missesAllowed ?? 0);
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
                : [$this->check->share('the whole walk', $this->overall, $mark->overallPercent, $this->outcomes)];
        foreach ($this->sections as $section) {
            $percent = $mark->percentOf($section->id);
            // A section in which everything was waved or counts for nothing has no share.
            if ($percent !== null && $section->score->possible > 0) {
                $checks[] = $this->check->share(
                    '"'.$section->name.'"', $section->score, $percent, $this->in($section->id),
                );
            }
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function critical(): array
    {
        $checks = [];
        $critical = $this->rules->criticalSections();
        foreach ($this->sections as $section) {
            if (in_array($section->id, $critical, true)) {
                $checks[] = $this->check->whole('"'.$section->name.'"', $section->score, $this->in($section->id));
            }
        }
        foreach ($this->rules->pass->criticalComponents as $component) {
            $asked = array_filter(
                $this->outcomes,
                static fn (ItemOutcome $outcome): bool => $outcome->item->component === $component,
            );
            if ($asked !== []) {
                $checks[] = $this->check->whole(
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
            $checks[] = $this->check->outOfPlace(
                'items were', count($this->order->outOfPlace), $least, $mark->outOfPlaceAllowed,
            );
        }
        if ($mark->sectionsOutOfPlaceAllowed !== null) {
            // Where a section stands may still move with what is said of it.
            $checks[] = $this->check->outOfPlace(
                'sections were', count($this->order->sectionsOutOfPlace), 0, $mark->sectionsOutOfPlaceAllowed,
            );
        }

        return $checks;
    }

    /** @return list<PassCheck> */
    private function breaches(): array
    {
        $checks = [];
        foreach ($this->rules->brakes?->weight === BrakeWeight::Critical ? $this->brakes->breaches : [] as $breach) {
            $checks[] = $this->check->of(
                false,
                ! in_array($breach, $this->brakes->final, true),
                $breach,
                'The brake tests once, in their order, would have been enough.',
            );
        }
        foreach ($this->rules->overTimeFails ? $this->time->breaches : [] as $breach) {
            $checks[] = $this->check->of(false, false, $breach, 'Keeping to the time would have been enough.');
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
                $checks[] = $this->check->misses(' of "'.$section->name.'"', $section->score, $allowed);
            }
        }

        return $checks;
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
