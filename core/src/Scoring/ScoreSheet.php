<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\MarkList;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Vehicle\Vehicle;

/** The one way from marks to a score: live, replayed, imported, in the demo and in tests. */
final readonly class ScoreSheet
{
    /**
     * @param  array<string, ItemOutcome>  $outcomes  by item id, in walking order
     * @param  list<SectionScore>  $sections  in walking order
     * @param  list<string>  $remarks  breaches of rules that by this checklist cost nothing, in words
     */
    private function __construct(
        public Inspection $inspection,
        public Walk $walk,
        public array $outcomes,
        public array $sections,
        public Score $overall,
        public OrderReport $order,
        public Verdict $verdict,
        public array $remarks,
    ) {}

    /** @throws NothingToInspect if the checklist asks nothing of the vehicle */
    public static function from(Checklist $checklist, Vehicle $vehicle, ?Form $form, MarkList $marks): self
    {
        return self::ofInspection(Inspection::of($checklist, $vehicle, $form), $marks);
    }

    /** The same for an inspection at hand, so that scoring many attempts lays out each item list once. */
    public static function ofInspection(Inspection $inspection, MarkList $marks): self
    {
        $rules = $inspection->checklist->rules;
        $walk = Walk::replay($inspection, $marks);
        $order = OrderReport::of($inspection, $walk);
        $hearings = CarriedHearings::of($inspection, $walk);
        $outcomes = [];
        $bySection = array_fill_keys(array_keys($inspection->sections), []);
        foreach ($inspection->items as $id => $item) {
            $outcome = ItemOutcome::of($item, $hearings[$id] ?? null, $walk->hearings[$id] ?? null, $walk, $rules, isset($order->outOfPlace[$id]));
            $outcomes[$id] = $outcome;
            $bySection[$item->section][] = $outcome;
        }
        $time = TimeReport::of($inspection, $walk);
        $brakes = BrakeReport::of($inspection, $walk);
        $sections = [];
        foreach ($inspection->sections as $id => $section) {
            $sections[] = new SectionScore($id, $section->name, Score::of($bySection[$id]), $time->sectionsMs[$id] ?? 0, $section->timeAllowedSeconds);
        }
        $overall = Score::of($outcomes);
        $checks = (new PassRules($rules, $overall, $sections, $outcomes, $order, $brakes, $time, $walk))->checks();
        $remarks = [...($rules->overTimeFails ? [] : $time->breaches), ...($rules->brakes?->critical === true ? [] : $brakes->breaches)];

        return new self($inspection, $walk, $outcomes, $sections, $overall, $order, Verdict::of($checks, $walk->finished), $remarks);
    }
}
