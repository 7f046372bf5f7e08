<?php

declare(strict_types=1);

namespace Pasada\Core\Trail;

/** Reads a trail from its first line and tells every line that was changed, is missing or was put in. */
final class TrailCheck
{
    private int $position = 0;

    private string $digest = TrailEntry::NOTHING;

    /** @var list<string> */
    private array $faults = [];

    /** Lines in order of their position. */
    public function next(TrailEntry $entry): void
    {
        if ($entry->position !== $this->position + 1) {
            $this->faults[] = $entry->position > $this->position + 2
                ? sprintf('lines %d to %d are missing', $this->position + 1, $entry->position - 1)
                : sprintf('line %d is missing', $this->position + 1);
        } elseif ($entry->previous !== $this->digest) {
            $this->faults[] = sprintf(
                'line %d does not follow line %d as it stands: one of them was changed', $entry->position,
                $this->position,
            );
        }
        if (! $entry->isSound()) {
            $this->faults[] = sprintf('line %d was changed: its digest is another', $entry->position);
        }
        $this->position = $entry->position;
        $this->digest = $entry->digest;
    }

    /**
     * Compares with what was noted elsewhere of the line at a position, or of the last one.
     *
     * @param  array<int, string>  $digests  that were read, by position; the caller keeps those it asks for
     */
    public function note(int $position, string $digest, array $digests, string $where): void
    {
        $found = $digests[$position] ?? null;
        if ($found === null) {
            $this->faults[] = sprintf('line %d is missing, which %s has', $position, $where);
        } elseif ($found !== $digest) {
            $this->faults[] = sprintf('line %d is another than %s has', $position, $where);
        }
    }

    public function lines(): int
    {
        return $this->position;
    }

    public function digest(): string
    {
        return $this->digest;
    }

    /** @return list<string> in order; none where all is sound */
    public function faults(): array
    {
        return $this->faults;
    }
}
