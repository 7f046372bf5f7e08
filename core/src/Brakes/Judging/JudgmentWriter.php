<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

/** A judgment in the open format, and as a text to be read. */
final readonly class JudgmentWriter
{
    /** @return array<string, mixed> */
    public static function write(Judgment $judgment): array
    {
        return [
            'standing' => $judgment->standing->value,
            'cause' => self::cause($judgment),
            'steps' => array_map(
                static fn (StepVerdict $step): array => [
                    'test' => $step->test->value,
                    'outcome' => $step->outcome->value,
                    'what' => $step->what,
                    'figures' => (object) $step->figures,
                    'at_ms' => $step->atMs,
                    'of_vehicle' => $step->isOfVehicle,
                ],
                $judgment->steps,
            ),
            'restarts' => $judgment->restarts,
            'restarts_allowed' => $judgment->restartsAllowed,
            'may_restart' => $judgment->mayRestart(),
        ];
    }

    public static function text(Judgment $judgment): string
    {
        $lines = [
            ucfirst($judgment->standing->value).
            '.'.
            ($judgment->causeTold() === null ? '' : ' First: '.$judgment->causeTold().'.'),
        ];
        foreach ($judgment->steps as $step) {
            $lines[] = sprintf('  %-11s%s: %s', $step->outcome->value, $step->test->label(), $step->what);
        }
        $lines[] = sprintf('Restarted %d of %d times.', $judgment->restarts, $judgment->restartsAllowed);

        return implode("\n", $lines);
    }

    /** @return array{test: string|null, what: string, at_ms: int|null}|null */
    private static function cause(Judgment $judgment): ?array
    {
        return match (true) {
            $judgment->cause !== null => [
                'test' => $judgment->cause->test->value,
                'what' => $judgment->cause->what,
                'at_ms' => $judgment->cause->atMs,
            ],
            $judgment->restarts > $judgment->restartsAllowed => [
                'test' => $judgment->restartedAt?->value,
                'what' => $judgment->tooOften(),
                'at_ms' => null,
            ],
            default => null,
        };
    }
}
