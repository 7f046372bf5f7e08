<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Side;

/** Plays marks in order and gives the walk they tell of. Lives for one replay. */
final class Replay
{
    private readonly Route $route;

    private readonly Ledger $ledger;

    /** @var list<Remark> */
    private array $remarks = [];

    /** @var list<Remark> */
    private array $flags = [];

    /** @var list<Reference> */
    private array $references = [];

    /** @var array<string, array{string, ?Side}> what was planted and on which side, by item id */
    private array $planted = [];

    /** @var array<string, list<array{string, ?Side}>> what was noticed and on which side, by item id */
    private array $noticed = [];

    /** @var array<string, true> axles that were stood at or spoken of */
    private array $walked = [];

    /** @var list<string> */
    private array $tooLate = [];

    private int $afterFinish = 0;

    private int $restarts = 0;

    private ?int $offListSinceMs = null;

    private int $offListMs = 0;

    private ?int $finishedAtMs = null;

    public function __construct(private readonly Inspection $inspection)
    {
        $this->route = new Route($inspection);
        $this->ledger = new Ledger($inspection);
    }

    public function play(Mark $mark): void
    {
        // A walk scored again under another checklist has marks of items that this one does not ask.
        $item = $mark->item === null ? null : $this->inspection->item($mark->item);
        if ($item === null && $mark->item !== null && $mark->kind !== MarkKind::Note) {
            return;
        }
        // What is told afterwards says so and when it was said; anything else was made by a device whose clock ran on.
        if ($this->finishedAtMs !== null && $mark->atMs > $this->finishedAtMs && $mark->said === null && $mark->kind->isOfTheWalk()) {
            $this->afterFinish++;

            return;
        }
        $this->goTo($mark, $item);
        $isShut = $mark->said === null ? $item !== null && isset($this->route->shut[$item->place]) : $mark->said === SaidWhen::Late;
        match ($mark->kind) {
            MarkKind::HeardWhole, MarkKind::PointsHeard => $this->ledger->hear($mark, $isShut),
            MarkKind::FigureHeard => $this->ledger->figure($mark, $isShut),
            MarkKind::SaidWrong => $this->ledger->sayWrong($mark, $isShut),
            MarkKind::PointsTakenBack => $this->ledger->takeBack($mark),
            MarkKind::NotFitted => $this->notFitted($mark, $isShut),
            MarkKind::CarriedOver => $this->references[] = new Reference((string) $mark->place, (string) $mark->from, $mark->except, $mark->atMs, $this->walked, isset($this->route->shut[(string) $mark->place])),
            MarkKind::PlaceEntered => $this->route->enter($mark),
            MarkKind::PlaceClosed => $this->route->close($mark),
            MarkKind::DefectPlanted => $this->planted[(string) $mark->item] = [(string) $mark->text, $mark->side],
            MarkKind::DefectNoticed => $this->notice($mark, $isShut),
            MarkKind::Restarted => $this->restart((string) $mark->section),
            MarkKind::OffListBegan => $this->offListSinceMs ??= $mark->atMs,
            MarkKind::OffListEnded => $this->backOnList($mark->atMs),
            MarkKind::Note => $this->remarks[] = new Remark($mark->id, $mark->atMs, (string) $mark->text, $mark->item),
            MarkKind::Paused => $this->remarks[] = new Remark($mark->id, $mark->atMs, 'Paused: '.$mark->text, null),
            MarkKind::LookAgain => $this->flags[] = new Remark($mark->id, $mark->atMs, (string) $mark->text, $mark->item),
            MarkKind::Finished => $this->finishedAtMs ??= $mark->atMs,
            // The page's clock stands still in a pause, so there is nothing to take off.
            MarkKind::Resumed, MarkKind::Undo => null,
        };
    }

    public function walk(int $lastAtMs): Walk
    {
        $endMs = $this->finishedAtMs ?? $lastAtMs;
        $offList = $this->offListSinceMs;
        $this->backOnList($endMs);

        return new Walk(
            $this->ledger->hearings(), $this->route->visits($endMs), $this->route->closed, $this->route->shut, $this->remarks,
            $this->route->current, $endMs, $this->finishedAtMs !== null, $this->references, array_map(static fn (array $planted): string => $planted[0], $this->planted), $this->noticed(),
            $this->flags, $this->restarts, $this->offListMs, $offList !== null, $this->tooLate(),
        );
    }

    private function goTo(Mark $mark, ?Item $item): void
    {
        // Who says "the same as" of an axle stands at it.
        if ($mark->kind === MarkKind::PlaceEntered || $mark->kind === MarkKind::CarriedOver) {
            foreach ($this->inspection->place((string) $mark->place)->items ?? [] as $there) {
                $this->walked[$there->position->axle ?? ''] = true;
            }
        } elseif ($item !== null && $mark->kind->isOfTheWalk()) {
            $this->walked[$item->position->axle ?? ''] = true;
        }
    }

    private function notFitted(Mark $mark, bool $isShut): void
    {
        if ($isShut) {
            $this->tooLate[] = sprintf('"%s" was told as not equipped only after its place was left.', $this->inspection->item((string) $mark->item)?->fullName());
        }
        $this->ledger->wave($mark, $isShut);
    }

    private function notice(Mark $mark, bool $isShut): void
    {
        if ($isShut) {
            $this->tooLate[] = sprintf('A defect of "%s" was noticed only after its place was left.', $this->inspection->item((string) $mark->item)?->fullName());
        } else {
            $this->noticed[(string) $mark->item][] = [(string) $mark->text, $mark->side];
        }
    }

    /** @return array<string, string> a defect of one side is not noticed on the other */
    private function noticed(): array
    {
        $noticed = [];
        foreach ($this->noticed as $id => $all) {
            $planted = $this->planted[$id][1] ?? null;
            foreach ($all as [$text, $side]) {
                if ($planted === null || $side === null || $side === $planted) {
                    $noticed[$id] = $text;
                }
            }
        }

        return $noticed;
    }

    /** @return list<string> */
    private function tooLate(): array
    {
        return $this->afterFinish === 0 ? $this->tooLate
            : [...$this->tooLate, $this->afterFinish === 1 ? '1 mark is timed after the finish; it counts for nothing.' : sprintf('%d marks are timed after the finish; they count for nothing.', $this->afterFinish)];
    }

    /** Within what is allowed, the tests start from nothing; beyond it, what was said stands and the restart is held against the student. */
    private function restart(string $section): void
    {
        $brakes = $this->inspection->checklist->rules->brakes;
        if ($brakes === null || $brakes->section !== $section) {
            return;
        }
        $this->restarts++;
        if ($this->restarts > $brakes->restarts) {
            return;
        }
        $this->route->reopen($section);
        foreach (RestartedItems::of($brakes, $this->inspection->items) as $id) {
            $this->ledger->forget($id);
        }
    }

    private function backOnList(int $atMs): void
    {
        if ($this->offListSinceMs !== null) {
            $this->offListMs += max(0, $atMs - $this->offListSinceMs);
            $this->offListSinceMs = null;
        }
    }
}
