<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

/** Writes events in the open format that EventReader reads. */
final readonly class EventWriter
{
    /** @return array<string, int|float|string> */
    public static function write(BrakeEvent $event): array
    {
        $single = in_array($event->kind, [EventKind::Rpm, EventKind::Rolling, EventKind::Said], true);

        return array_filter(
            [
                'at_ms' => $event->atMs,
                'kind' => $event->kind->value,
                'to' => $event->to === '' ? null : $event->to,
                'value' => $single ? $event->primary : null,
                'primary' => $single ? null : $event->primary,
                'secondary' => $event->secondary,
                'test' => $event->test?->value,
                'text' => $event->text === '' ? null : $event->text,
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }
}
