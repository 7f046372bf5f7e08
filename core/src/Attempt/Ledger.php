<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\ReturnRule;
use Pasada\Core\Inspection\Inspection;

/**
 * The running state of one replay: plain arrays and bits, since hundreds of attempts are scored again in seconds.
 *
 * Changes while the marks are played and is then read out once as a Walk; nobody else holds one.
 */
final class Ledger
{
    /** @var array<string, int> points said in time, as bits, by item id */
    private array $inTime = [];

    /** @var array<string, int> points said only after the place was shut, likewise */
    private array $late = [];

    /** @var array<string, true> */
    private array $waved = [];

    /** @var array<string, int> in the order of naming: taking an item back and naming it again gives it a new turn */
    private array $firstAtMs = [];

    /** @var array<string, int> */
    private array $lastAtMs = [];

    /** @var list<Visit> */
    private array $visits = [];

    /** @var array<string, true> places the scorer ticked off as done */
    private array $closed = [];

    /** @var array<string, true> places where nothing earns credit any more */
    private array $shut = [];

    /** @var list<Remark> */
    private array $remarks = [];

    private ?string $current = null;

    private int $currentFromMs = 0;

    private ?int $finishedAtMs = null;

    /** @var array<string, string> section by place */
    private readonly array $sections;

    private readonly int $named;

    private readonly ReturnRule $returns;

    public function __construct(private readonly Inspection $inspection)
    {
        $sections = [];
        foreach ($inspection->places as $place) {
            $sections[$place->id] = $place->section;
        }
        $this->sections = $sections;
        $this->named = PointSet::of(Point::Identified)->bits;
        $this->returns = $inspection->checklist->rules->returns;
    }

    public function hear(Mark $mark): void
    {
        $item = $this->inspection->item((string) $mark->item);
        if ($item === null) {
            return;
        }
        $id = $item->id;
        $bits = $this->named | ($mark->kind === MarkKind::HeardWhole ? $item->points->bits : $mark->points->bits);
        unset($this->waved[$id]);
        $this->time($id, $mark->atMs);
        if (isset($this->shut[$item->place])) {
            $this->late[$id] = ($this->late[$id] ?? 0) | ($bits & ~($this->inTime[$id] ?? 0));
        } else {
            $this->inTime[$id] = ($this->inTime[$id] ?? 0) | $bits;
        }
    }

    public function takeBack(Mark $mark): void
    {
        $id = (string) $mark->item;
        // What was not even named was not said at all.
        $gone = ($mark->points->bits & $this->named) !== 0 ? ~0 : $mark->points->bits;
        $this->inTime[$id] = ($this->inTime[$id] ?? 0) & ~$gone;
        $this->late[$id] = ($this->late[$id] ?? 0) & ~$gone;
        if (($this->inTime[$id] | $this->late[$id]) === 0) {
            unset($this->inTime[$id], $this->late[$id], $this->firstAtMs[$id], $this->lastAtMs[$id], $this->waved[$id]);
        }
    }

    public function wave(Mark $mark): void
    {
        $id = (string) $mark->item;
        unset($this->inTime[$id], $this->late[$id]);
        $this->waved[$id] = true;
        $this->time($id, $mark->atMs);
    }

    public function enter(Mark $mark): void
    {
        $place = (string) $mark->place;
        if ($place === $this->current || ! isset($this->sections[$place])) {
            return;
        }
        if ($this->current !== null) {
            $this->visits[] = new Visit($this->current, $this->currentFromMs, $mark->atMs);
            $this->shutOnLeaving($this->current, $place);
        }
        [$this->current, $this->currentFromMs] = [$place, $mark->atMs];
        unset($this->closed[$place]);
    }

    public function close(Mark $mark): void
    {
        $this->closed[(string) $mark->place] = true;
        if ($this->returns === ReturnRule::Place) {
            $this->shut[(string) $mark->place] = true;
        }
    }

    public function remark(Mark $mark): void
    {
        $this->remarks[] = new Remark($mark->id, $mark->atMs, (string) $mark->text, $mark->item);
    }

    public function finish(Mark $mark): void
    {
        $this->finishedAtMs = $mark->atMs;
    }

    public function walk(int $lastAtMs): Walk
    {
        $endMs = $this->finishedAtMs ?? $lastAtMs;
        $visits = $this->visits;
        if ($this->current !== null) {
            $visits[] = new Visit($this->current, $this->currentFromMs, max($this->currentFromMs, $endMs));
        }

        return new Walk($this->hearings(), $visits, $this->closed, $this->shut, $this->remarks, $this->current, $endMs, $this->finishedAtMs !== null);
    }

    private function time(string $item, int $atMs): void
    {
        $this->firstAtMs[$item] ??= $atMs;
        $this->lastAtMs[$item] = $atMs;
    }

    private function shutOnLeaving(string $from, string $to): void
    {
        $section = $this->sections[$from];
        $this->shut += match ($this->returns) {
            ReturnRule::Place => [$from => true],
            ReturnRule::Section => $section === $this->sections[$to] ? [] : array_fill_keys(array_keys($this->sections, $section, true), true),
            ReturnRule::End => [],
        };
    }

    /** @return array<string, Hearing> */
    private function hearings(): array
    {
        $hearings = [];
        $turn = 0;
        foreach ($this->firstAtMs as $id => $atMs) {
            $hearings[$id] = new Hearing(
                PointSet::fromBits($this->inTime[$id] ?? 0), PointSet::fromBits($this->late[$id] ?? 0),
                isset($this->waved[$id]), $atMs, $this->lastAtMs[$id] ?? $atMs, $turn++,
            );
        }

        return $hearings;
    }
}
