<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Inspection\Inspection;

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

    /** @var array<string, string> */
    private array $planted = [];

    /** @var array<string, string> */
    private array $noticed = [];

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
        if ($mark->item !== null && $this->inspection->item($mark->item) === null && $mark->kind !== MarkKind::Note) {
            return;
        }
        match ($mark->kind) {
            MarkKind::HeardWhole, MarkKind::PointsHeard => $this->ledger->hear($mark, $this->isShut($mark)),
            MarkKind::FigureHeard => $this->ledger->figure($mark, $this->isShut($mark)),
            MarkKind::SaidWrong => $this->ledger->sayWrong($mark, $this->isShut($mark)),
            MarkKind::PointsTakenBack => $this->ledger->takeBack($mark),
            MarkKind::NotFitted => $this->ledger->wave($mark),
            MarkKind::CarriedOver => $this->references[] = new Reference((string) $mark->place, (string) $mark->from, $mark->except, $mark->atMs, isset($this->route->shut[(string) $mark->place])),
            MarkKind::PlaceEntered => $this->route->enter($mark),
            MarkKind::PlaceClosed => $this->route->close($mark),
            MarkKind::DefectPlanted => $this->planted[(string) $mark->item] = (string) $mark->text,
            MarkKind::DefectNoticed => $this->noticed[(string) $mark->item] = (string) $mark->text,
            MarkKind::Restarted => $this->restart((string) $mark->section),
            MarkKind::OffListBegan => $this->offListSinceMs ??= $mark->atMs,
            MarkKind::OffListEnded => $this->backOnList($mark->atMs),
            MarkKind::Note => $this->remarks[] = new Remark($mark->id, $mark->atMs, (string) $mark->text, $mark->item),
            MarkKind::Paused => $this->remarks[] = new Remark($mark->id, $mark->atMs, 'Paused: '.$mark->text, null),
            MarkKind::LookAgain => $this->flags[] = new Remark($mark->id, $mark->atMs, (string) $mark->text, $mark->item),
            MarkKind::Finished => $this->finishedAtMs = $mark->atMs,
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
            $this->route->current, $endMs, $this->finishedAtMs !== null, $this->references, $this->planted, $this->noticed,
            $this->flags, $this->restarts, $this->offListMs, $offList !== null,
        );
    }

    private function isShut(Mark $mark): bool
    {
        if ($mark->said !== null) {
            return $mark->said === SaidWhen::Late;
        }
        $item = $this->inspection->item((string) $mark->item);

        return $item !== null && isset($this->route->shut[$item->place]);
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
        foreach ($this->inspection->items as $id => $item) {
            if ($item->section === $section) {
                $this->ledger->forget($id);
            }
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
