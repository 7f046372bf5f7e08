<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Situation;

/** What a cab would not do: an engine that does not turn in gear, a tug without one, a needle moved by hand. */
final readonly class CabRefusals
{
    public function __construct(private bool $isManual) {}

    /**
     * @param  list<BrakeEvent>  $controls
     * @return array<int, string> why, by index
     */
    public function among(array $controls): array
    {
        $situation = new Situation;
        $refused = [];
        foreach ($controls as $n => $control) {
            $why = $this->refusal($control, $situation);
            if ($why === null) {
                $situation = $situation->after($control);
            } else {
                $refused[$n] = $why;
            }
        }

        return $refused;
    }

    private function refusal(BrakeEvent $control, Situation $situation): ?string
    {
        $starts = $control->kind === EventKind::Engine && $control->to === 'on' && ! $situation->engine;
        $moves = in_array($control->kind, [EventKind::Tug, EventKind::Rolling], true);

        return match (true) {
            $control->kind->isOfTheSystem() => 'That is no control: the cab tells it by itself.',
            $starts && ! $situation->key => 'The engine does not turn: key on first.',
            $starts && $situation->gear !== 'neutral' => 'The engine does not turn: neutral first.',
            $starts && $this->isManual && ! $situation->clutchDown => 'The engine does not turn: clutch '.
                'down first.',
            $moves && ! $situation->engine => 'Nothing pulls: the engine is off.',
            $moves && $situation->gear === 'neutral' => 'Nothing pulls: it is in neutral.',
            default => null,
        };
    }
}
