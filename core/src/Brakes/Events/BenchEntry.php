<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

/** One line of the bench's log: something observed, or an earlier line taken back. Never changed once made. */
final readonly class BenchEntry
{
    private function __construct(
        /** UUID made by the page, in small letters. */
        public string $id,
        /** Null where it takes another line back. */
        public ?BrakeEvent $event,
        /** Id of the line that it takes back. */
        public ?string $undoes,
        /** Time in the walk, in ms; null where it was observed elsewhere. */
        public ?int $walkMs,
    ) {}

    public static function observed(string $id, BrakeEvent $event, ?int $walkMs = null): self
    {
        return new self($id, $event, null, $walkMs);
    }

    public static function takingBack(string $id, string $undoes, ?int $walkMs = null): self
    {
        return new self($id, null, $undoes, $walkMs);
    }

    /** @return array<string, int|float|string> in the open format: an event with its id, or what it takes back */
    public function write(): array
    {
        $walk = $this->walkMs === null ? [] : ['walk_ms' => $this->walkMs];

        return $this->event === null
            ? ['id' => $this->id, 'undoes' => (string) $this->undoes, ...$walk]
            : ['id' => $this->id, ...$walk, ...EventWriter::write($this->event)];
    }
}
