<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

/** Everything that was ever observed of the brake tests of one attempt, and what of it is in force. */
final readonly class BenchLog
{
    /** @param  array<string, BenchEntry>  $entries  by id, in the order of coming in */
    private function __construct(public array $entries) {}

    /** @throws EntriesConflict if two different lines carry the same id */
    public static function of(BenchEntry ...$entries): self
    {
        $byId = [];
        foreach ($entries as $entry) {
            $known = $byId[$entry->id] ?? $entry;
            if ($known->write() !== $entry->write()) {
                throw EntriesConflict::on($entry->id);
            }
            $byId[$entry->id] = $known;
        }

        return new self($byId);
    }

    /** @throws EntriesConflict if an id came before with other content */
    public function with(BenchEntry ...$more): self
    {
        return self::of(...array_values($this->entries), ...$more);
    }

    /** @return list<BenchEntry> observed and not taken back, in the order of their times */
    public function inForce(): array
    {
        $gone = $this->takenBackIds();
        $left = array_values(
            array_filter(
                $this->entries,
                static fn (BenchEntry $entry): bool => $entry->event !== null && ! isset($gone[$entry->id]),
            ),
        );
        usort($left, static fn (BenchEntry $a, BenchEntry $b): int => $a->event?->atMs <=> $b->event?->atMs);

        return self::withoutStrayEnds($left);
    }

    /** @return list<BrakeEvent> */
    public function events(): array
    {
        return array_values(
            array_filter(
                array_map(static fn (BenchEntry $entry): ?BrakeEvent => $entry->event, $this->inForce()),
                static fn (?BrakeEvent $event): bool => $event !== null,
            ),
        );
    }

    /**
     * The time in the walk, in ms, of a moment of the bench's own clock: by the line before it that tells both.
     *
     * @return int|null null where no line tells it
     */
    public function walkMsAt(?int $atMs): ?int
    {
        if ($atMs === null) {
            return null;
        }
        $walkMs = null;
        foreach ($this->inForce() as $entry) {
            if ($entry->walkMs !== null && $entry->event !== null && $entry->event->atMs <= $atMs) {
                $walkMs = $entry->walkMs + $atMs - $entry->event->atMs;
            }
        }

        return $walkMs;
    }

    /** @return list<BenchEntry> observed and taken back, in the order of coming in */
    public function takenBack(): array
    {
        $gone = $this->takenBackIds();

        return array_values(
            array_filter(
                $this->entries,
                static fn (BenchEntry $entry): bool => $entry->event !== null && isset($gone[$entry->id]),
            ),
        );
    }

    /** @return array<string, true> by id; taking back a taking back brings the line into force again */
    private function takenBackIds(): array
    {
        $gone = [];
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->undoes !== null && ! isset($gone[$entry->id])) {
                $gone[$entry->undoes] = true;
            }
        }

        return $gone;
    }

    /**
     * The end of a minute whose start was taken back has ended nothing.
     *
     * @param  list<BenchEntry>  $entries  in the order of their times
     * @return list<BenchEntry>
     */
    private static function withoutStrayEnds(array $entries): array
    {
        $kept = [];
        $running = false;
        foreach ($entries as $entry) {
            $kind = $entry->event?->kind;
            if ($kind === EventKind::MinuteEnded && ! $running) {
                continue;
            }
            $running = match ($kind) {
                EventKind::MinuteStarted => true,
                EventKind::MinuteEnded, EventKind::Restarted => false,
                default => $running,
            };
            $kept[] = $entry;
        }

        return $kept;
    }
}
