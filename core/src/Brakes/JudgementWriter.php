<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** A judgement in the open format, and as a text to be read. */
final readonly class JudgementWriter
{
    /** @return array<string, mixed> */
    public static function write(Judgement $judgement): array
    {
        return [
            'standing' => $judgement->standing,
            'cause' => $judgement->cause === null ? null : ['test' => $judgement->cause->test->value, 'what' => $judgement->cause->what, 'at_ms' => $judgement->cause->atMs],
            'steps' => array_map(static fn (StepVerdict $step): array => [
                'test' => $step->test->value, 'outcome' => $step->outcome->value, 'what' => $step->what, 'figures' => (object) $step->figures, 'at_ms' => $step->atMs,
            ], $judgement->steps),
            'restarts' => $judgement->restarts,
            'restarts_allowed' => $judgement->restartsAllowed,
            'may_restart' => $judgement->mayRestart(),
        ];
    }

    public static function text(Judgement $judgement): string
    {
        $lines = [ucfirst($judgement->standing).'.'.($judgement->causeTold() === null ? '' : ' First: '.$judgement->causeTold().'.')];
        foreach ($judgement->steps as $step) {
            $lines[] = sprintf('  %-9s%s: %s', $step->outcome->value, $step->test->label(), $step->what);
        }
        $lines[] = sprintf('Begun again %d of %d times.', $judgement->restarts, $judgement->restartsAllowed);

        return implode("\n", $lines);
    }
}
