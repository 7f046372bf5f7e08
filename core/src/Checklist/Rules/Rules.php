<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** Every question that schools and states answer differently, answered. */
final readonly class Rules
{
    /** @param  array<string, string>  $reasons  why, by the name of the rule in the file */
    public function __construct(
        public CreditRule $credit,
        /** Under `essential` and `full`: an item said in part earns half instead of nothing. */
        public bool $halfForPart,
        public ReturnRule $returns,
        public AxleRule $axles,
        public SideRule $sides,
        public CarryOver $carryOver,
        public WalkOrder $order,
        public WrongRule $wrong,
        public NotFittedRule $notFitted,
        public RecitedOver $recitedOver,
        public NoticedDefect $noticedDefect,
        /** Null where the checklist holds no brake tests. */
        public ?BrakeRules $brakes,
        /** Whether the student may carry an unmarked checklist. */
        public bool $aidAllowed,
        public PassMark $pass,
        /** Time for the whole walk; null where the state sets none. */
        public ?int $timeAllowedSeconds,
        /** Whether over-time fails the inspection; else it is remarked on. */
        public bool $overTimeFails,
        public array $reasons,
        public LightRule $lights = new LightRule(LightAsk::One, false),
    ) {}

    /** @return list<string> the sections, by id, in which every item must be earned; brake tests where they decide */
    public function criticalSections(): array
    {
        return $this->brakes?->weight === BrakeWeight::Critical
            ? [...$this->pass->criticalSections, $this->brakes->section]
            : $this->pass->criticalSections;
    }
}
