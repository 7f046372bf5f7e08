<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Checklist\Rules\ReturnRule;
use Pasada\Core\Inspection\Inspection;

/** The places of one replay: where the student is, was, and may no longer earn anything. */
final class Route
{
    /** @var list<Visit> */
    private array $visits = [];

    /** @var array<string, true> places the scorer ticked off as done */
    public array $closed = [];

    /** @var array<string, true> places where nothing earns credit any more */
    public array $shut = [];

    public ?string $current = null;

    private int $currentFromMs = 0;

    /** @var array<string, string> stretch of the walk by place */
    private readonly array $stretches;

    private readonly ReturnRule $returns;

    public function __construct(Inspection $inspection)
    {
        $stretches = [];
        foreach ($inspection->places as $place) {
            $stretches[$place->id] = $place->stretch;
        }
        $this->stretches = $stretches;
        $this->returns = $inspection->checklist->rules->returns;
    }

    public function enter(string $place, int $atMs): void
    {
        if ($place === $this->current || ! isset($this->stretches[$place])) {
            return;
        }
        if ($this->current !== null) {
            $this->visits[] = new Visit($this->current, $this->currentFromMs, $atMs);
            $this->shutOnLeaving($this->current, $place);
        }
        [$this->current, $this->currentFromMs] = [$place, $atMs];
        unset($this->closed[$place]);
    }

    public function close(string $place): void
    {
        $this->closed[$place] = true;
        if ($this->returns === ReturnRule::Place) {
            $this->shut[$place] = true;
        }
    }

    /** A section begun again: its places are open as on the first day. */
    public function reopen(string $section): void
    {
        foreach (array_keys($this->stretches, $section, true) as $place) {
            unset($this->closed[$place], $this->shut[$place]);
        }
    }

    /** @return list<Visit> */
    public function visits(int $endMs): array
    {
        return $this->current === null ? $this->visits
            : [...$this->visits, new Visit($this->current, $this->currentFromMs, max($this->currentFromMs, $endMs))];
    }

    private function shutOnLeaving(string $from, string $to): void
    {
        $left = $this->stretches[$from];
        $this->shut += match ($this->returns) {
            ReturnRule::Place => [$from => true],
            ReturnRule::Section => $left === $this->stretches[$to]
                ? []
                : array_fill_keys(array_keys($this->stretches, $left, true), true),
            ReturnRule::End => [],
        };
    }
}
