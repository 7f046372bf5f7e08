<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

/** A judgement in the open format, and as a text to be read. */
final readonly class JudgementWriter
{
    /** @return array<string, mixed> */
    public static function write(Judgement $judgement): array
    {
        return [
            'standing' => $judgement->standing->value,
            'cause' => self::cause($judgement),
            'steps' => array_map(
                static fn (StepVerdict $step): array => [
                    'test' => $step->test->value,
                    'outcome' => $step->outcome->value,
                    'what' => $step->what,
                    'figures' => (object) $step->figures,
                    'at_ms' => $step->atMs,
                    'of_vehicle' => $step->isOfVehicle,
                ],
                $judgement->steps,
            ),
            'restarts' => $judgement->restarts,
            'restarts_allowed' => $judgement->restartsAllowed,
            'may_restart' => $judgement->mayRestart(),
        ];
    }

    public static function text(Judgement $judgement): string
    {
        $lines = [
            ucfirst($judgement->standing->value).
            '.'.
            ($judgement->causeTold() === null ? '' : ' First: '.$judgement->causeTold().'.'),
        ];
        foreach ($judgement->steps as $step) {
            $lines[] = sprintf('  %-11s%s: %s', $step->outcome->value, $step->test->label(), $step->what);
        }
        $lines[] = sprintf('Restarted %d of %d times.', $judgement->restarts, $judgement->restartsAllowed);

        return implode("\n", $lines);
    }

    /** @return array{test: string|null, what: string, at_ms: int|null}|null */
    private static function cause(Judgement $judgement): ?array
    {
        return match (true) {
            $judgement->cause !== null => [
                'test' => $judgement->cause->test->value,
                'what' => $judgement->cause->what,
                'at_ms' => $judgement->cause->atMs,
            ],
            $judgement->restarts > $judgement->restartsAllowed => [
                'test' => $judgement->restartedAt?->value,
                'what' => $judgement->tooOften(),
                'at_ms' => null,
            ],
            default => null,
        };
    }
}
