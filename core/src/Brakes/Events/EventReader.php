<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Reads `{"events": [{"at_ms": 0, "kind": "key", "to": "on"}, ...]}`, checked to the last field. */
final readonly class EventReader
{
    /** No gauge in a cab shows more. */
    private const HIGHEST_PSI = 200;

    private const LONGEST_MS = 4 * 3600 * 1000;

    private const LONGEST_TEXT = 1000;

    /**
     * @return list<BrakeEvent> in the order of their times; the same event twice counts once
     *
     * @throws DocumentHasFaults naming the place and the remedy
     */
    public function read(string $json, string $name = 'events'): array
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        // A file that Pasada wrote says which version did.
        $root->only('pasada', 'events');
        $events = $this->events($root);
        $faults->stopIfAny($name);

        return $events;
    }

    /**
     * @return list<BrakeEvent> of the node's `events`, which have to make sense one after the other; faults are told to
     *   it
     */
    public function events(Node $root): array
    {
        $events = [];
        $before = 0;
        $running = false;
        if (! $root->has('events')) {
            $root->child('events')->fault('is missing; give a list, which may be empty');
        }
        foreach ($root->nodesOr('events') as $node) {
            $event = $this->event($node);
            if ($event->atMs < $before) {
                $node
                    ->child('at_ms')
                    ->fault(
                        sprintf(
                            'is before the event in front of it (%d); give events in the order in which they happened',
                            $before,
                        ),
                    );
            }
            $before = max($before, $event->atMs);
            if ($event->kind === EventKind::MinuteEnded && ! $running) {
                $node->child('kind')->fault('ends a minute that was not started; put minute-started before it');
            }
            $running = match ($event->kind) {
                EventKind::MinuteStarted => true,
                EventKind::MinuteEnded, EventKind::Restarted => false,
                default => $running,
            };
            if ($events === [] || EventWriter::write($events[count($events) - 1]) !== EventWriter::write($event)) {
                $events[] = $event;
            }
        }

        return $events;
    }

    /** @param  string  ...$beside  fields that may stand beside those of the event */
    public function event(Node $node, string ...$beside): BrakeEvent
    {
        $kind = $node->enum('kind', EventKind::class);
        $states = $kind->states();
        $figures = match ($kind) {
            EventKind::Reading => ['primary', 'secondary'],
            EventKind::Warning, EventKind::Popped, EventKind::CutOut, EventKind::CutIn => ['primary', 'secondary'],
            EventKind::Rpm, EventKind::Rolling => ['value'],
            EventKind::Said => ['value', 'test'],
            EventKind::Spoken => ['text'],
            default => [],
        };
        $node->only('at_ms', 'kind', ...$beside, ...[...($states === [] ? [] : ['to']), ...$figures]);
        $to = $states === [] ? '' : $this->state($node, $states);
        $single = in_array('value', $figures, true);
        $text = $kind === EventKind::Spoken ? $node->string('text') : '';
        if (mb_strlen($text) > self::LONGEST_TEXT) {
            $node
                ->child('text')
                ->fault(sprintf('is longer than %d letters; give what was said in pieces', self::LONGEST_TEXT));
        }

        return new BrakeEvent(
            $node->int('at_ms', 0, self::LONGEST_MS),
            $kind,
            $to,
            $single
                ? $this->figure($node, 'value', $kind !== EventKind::Said, 10000)
                : $this->figure($node, 'primary', $kind === EventKind::Reading, self::HIGHEST_PSI),
            $single ? null : $this->figure($node, 'secondary', $kind === EventKind::Reading, self::HIGHEST_PSI),
            $kind === EventKind::Said && $node->has('test') ? $node->enum('test', BrakeTest::class) : null, $text,
        );
    }

    /** @param  non-empty-list<string>  $states */
    private function state(Node $node, array $states): string
    {
        $to = $node->string('to');
        if (! in_array($to, $states, true)) {
            $node->child('to')->fault(sprintf('is "%s"; it may be %s', $to, implode(', ', $states)));
        }

        return $to;
    }

    private function figure(Node $node, string $key, bool $isAsked, int $most): ?float
    {
        if (! $node->has($key)) {
            if ($isAsked) {
                $node->child($key)->fault('is missing');
            }

            return null;
        }
        $thousandths = $node->thousandths($key);
        if ($thousandths === null) {
            return null;
        }
        if ($thousandths < 0 || $thousandths > $most * 1000) {
            $node->child($key)->fault(sprintf('is %s; a gauge shows 0 to %d', $thousandths / 1000, $most));
        }

        return $thousandths / 1000;
    }
}
