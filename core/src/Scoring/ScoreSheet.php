<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Checklist\Rules\BrakeWeight;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Scoring\Order\OrderReport;
use Pasada\Core\Vehicle\Vehicle;

/** The one way from marks to a score: live, replayed, imported, in the demo and in tests. */
final readonly class ScoreSheet
{
    /**
     * Raised whenever the same marks may be scored otherwise than before. 1: until November 2026. 2: order axle by axle
     * and by the fairest order of sections, references that only give, the return rule for what is waved and noticed,
     * sides apart.
     */
    public const ENGINE = 2;

    /**
     * @param  array<string, ItemOutcome>  $outcomes  by item id, in walking order
     * @param  list<SectionScore>  $sections  in walking order
     * @param  list<string>  $remarks  breaches of rules that by this checklist cost nothing, and the notices, in words
     * @param  list<string>  $notices  what came too late to count, and references that give nothing
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
        public array $notices,
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
        $carried = new CarriedHearings($inspection, $walk);
        $restartable = RestartableItems::of($inspection, $walk);
        $brakes = BrakeReport::of($inspection, $walk, $restartable);
        $judge = new ItemJudge($inspection, $walk, $carried, $restartable);
        $outcomes = array_map(
            static fn (Item $item): ItemOutcome => $judge->outcome($item, isset($order->outOfPlace[$item->id])),
            $inspection->items,
        );
        $outcomes = $brakes->forfeiting($rules->brakes, $outcomes);
        $bySection = array_fill_keys(array_keys($inspection->sections), []);
        foreach ($outcomes as $outcome) {
            $bySection[$outcome->item->section][] = $outcome;
        }
        $time = TimeReport::of($inspection, $walk);
        $sections = [];
        foreach ($inspection->sections as $id => $section) {
            $sections[] = new SectionScore(
                $id, $section->name, Score::of($bySection[$id]), $time->sectionsMs[$id] ?? 0,
                $section->timeAllowedSeconds,
            );
        }
        $overall = Score::of($outcomes);
        $checks = (new PassRules(
            $inspection, $walk, $overall, $sections, $outcomes, $order, $brakes, $time, $restartable,
        ))->checks();
        $notices = [...$carried->remarks, ...$walk->tooLate];
        $remarks = [
            ...$rules->overTimeFails ? [] : $time->breaches,
            ...$rules->brakes?->weight === BrakeWeight::Critical ? [] : $brakes->breaches,
            ...$notices,
        ];

        return new self(
            $inspection, $walk, $outcomes, $sections, $overall, $order, Verdict::of($checks, $walk->finished), $remarks,
            $notices,
        );
    }
}
