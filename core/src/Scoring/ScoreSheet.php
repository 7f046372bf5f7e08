<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\MarkList;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Vehicle\Vehicle;

/** The one way from marks to a score: live, replayed, imported, in the demo and in tests. */
final readonly class ScoreSheet
{
    /**
     * @param  array<string, ItemOutcome>  $outcomes  by item id, in walking order
     * @param  list<SectionScore>  $sections  in walking order
     */
    private function __construct(
        public Inspection $inspection,
        public Walk $walk,
        public array $outcomes,
        public array $sections,
        public Score $overall,
        public OrderReport $order,
        public Verdict $verdict,
    ) {}

    /** @throws NothingToInspect if the checklist asks nothing of the vehicle */
    public static function from(Checklist $checklist, Vehicle $vehicle, MarkList $marks): self
    {
        return self::ofInspection(Inspection::of($checklist, $vehicle), $marks);
    }

    /** The same for an inspection at hand, so that scoring many attempts lays out each item list once. */
    public static function ofInspection(Inspection $inspection, MarkList $marks): self
    {
        $rules = $inspection->checklist->rules;
        $walk = Walk::replay($inspection, $marks);
        $order = OrderReport::of($inspection, $walk);
        $outcomes = [];
        $bySection = array_fill_keys(array_keys($inspection->sections), []);
        foreach ($inspection->items as $id => $item) {
            $outcome = ItemOutcome::of($item, $walk->hearings[$id] ?? null, $walk, $rules, isset($order->outOfPlace[$id]));
            $outcomes[$id] = $outcome;
            $bySection[$item->section][] = $outcome;
        }
        $times = self::sectionTimes($inspection, $walk);
        $sections = [];
        foreach ($inspection->sections as $id => $section) {
            $sections[] = new SectionScore($id, $section->name, Score::of($bySection[$id]), $times[$id] ?? 0);
        }
        $overall = Score::of($outcomes);

        return new self($inspection, $walk, $outcomes, $sections, $overall, $order, Verdict::of($rules->pass, $overall, $sections, $outcomes, $walk->finished));
    }

    /** @return array<string, int> milliseconds by section id */
    private static function sectionTimes(Inspection $inspection, Walk $walk): array
    {
        $sectionOf = [];
        foreach ($inspection->places as $place) {
            $sectionOf[$place->id] = $place->section;
        }
        $times = [];
        foreach ($walk->visits as $visit) {
            $section = $sectionOf[$visit->place];
            $times[$section] = ($times[$section] ?? 0) + $visit->durationMs();
        }

        return $times;
    }
}
