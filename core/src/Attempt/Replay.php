<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use LogicException;
use Pasada\Core\Attempt\Marks\ItemPayload;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\PlacePayload;
use Pasada\Core\Attempt\Marks\ReferencePayload;
use Pasada\Core\Attempt\Marks\RemarkPayload;
use Pasada\Core\Attempt\Marks\SaidWhen;
use Pasada\Core\Attempt\Marks\SectionPayload;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;

/** Plays marks in order and gives the walk they tell of. Lives for one replay. */
final class Replay
{
    private readonly Route $route;

    private readonly Ledger $ledger;

    private readonly Defects $defects;

    private readonly Remarks $remarks;

    private readonly OffTopic $offTopic;

    /** @var list<Reference> */
    private array $references = [];

    /** @var array<string, true> axles that were stood at or spoken of */
    private array $walked = [];

    private int $restarts = 0;

    private ?int $finishedAtMs = null;

    public function __construct(private readonly Inspection $inspection)
    {
        $this->route = new Route($inspection);
        $this->ledger = new Ledger($inspection);
        $this->defects = new Defects;
        $this->remarks = new Remarks($inspection);
        $this->offTopic = new OffTopic;
    }

    public function play(Mark $mark): void
    {
        $payload = $mark->payload;
        // A walk scored again under another checklist has marks of items that this one does not ask.
        $item = $payload instanceof ItemPayload ? $this->inspection->item($payload->item) : null;
        if ($payload instanceof ItemPayload && $item === null) {
            return;
        }
        // What is told afterwards says so and when it was said; anything else was made by a device whose clock ran on.
        if (
            $this->finishedAtMs !== null &&
            $mark->atMs > $this->finishedAtMs &&
            $mark->said === null &&
            $mark->kind->isOfTheWalk()
        ) {
            $this->remarks->afterFinish();

            return;
        }
        match (true) {
            $payload instanceof ItemPayload => $this->playItem(
                new ItemMark($item, $mark, $payload, $this->isShut($mark, $item)),
            ),
            $payload instanceof PlacePayload => $this->playPlace($mark, $payload->place),
            $payload instanceof ReferencePayload => $this->refer($mark, $payload),
            $payload instanceof RemarkPayload => $this->remarks->add($mark, $payload),
            $payload instanceof SectionPayload => $this->restart($payload->section),
            default => $this->playBare($mark),
        };
    }

    private function isShut(Mark $mark, Item $item): bool
    {
        return $mark->said === null ? isset($this->route->shut[$item->place]) : $mark->said === SaidWhen::Late;
    }

    private function playItem(ItemMark $one): void
    {
        if ($one->mark->kind->isOfTheWalk()) {
            $this->walked[$one->item->position->axle ?? ''] = true;
        }
        match ($one->mark->kind) {
            MarkKind::HeardWhole, MarkKind::PointsHeard => $this->ledger->hear($one),
            MarkKind::HeardInPart => $this->ledger->hearInPart($one),
            MarkKind::FigureHeard => $this->ledger->figure($one),
            MarkKind::SaidWrong => $this->ledger->sayWrong($one),
            MarkKind::PointsTakenBack => $this->ledger->takeBack($one),
            MarkKind::NotFitted => $this->notFitted($one),
            MarkKind::DefectPlanted => $this->defects->plant($one),
            MarkKind::DefectNoticed => $this->notice($one),
            MarkKind::LampDark => $this->defects->seenDark($one),
            MarkKind::LampLit => $this->defects->seenLit($one),
            default => throw new LogicException("\"{$one->mark->kind->value}\" is no mark of an item."),
        };
    }

    private function playPlace(Mark $mark, string $place): void
    {
        if ($mark->kind === MarkKind::PlaceEntered) {
            $this->standAt($place);
            $this->route->enter($place, $mark->atMs);
        } else {
            $this->route->close($place);
        }
    }

    private function refer(Mark $mark, ReferencePayload $of): void
    {
        // Who says "the same as" of an axle stands at it.
        $this->standAt($of->place);
        $this->references[] = new Reference($of, $mark->atMs, $this->walked, isset($this->route->shut[$of->place]));
    }

    private function standAt(string $place): void
    {
        foreach ($this->inspection->place($place)->items ?? [] as $there) {
            $this->walked[$there->position->axle ?? ''] = true;
        }
    }

    private function playBare(Mark $mark): void
    {
        match ($mark->kind) {
            MarkKind::OffListBegan => $this->offTopic->begin($mark->atMs),
            MarkKind::OffListEnded => $this->offTopic->end($mark->atMs),
            MarkKind::Finished => $this->finishedAtMs ??= $mark->atMs,
            // The page's clock stands still in a pause, so there is nothing to take off.
            default => null,
        };
    }

    public function walk(int $lastAtMs): Walk
    {
        $endMs = $this->finishedAtMs ?? $lastAtMs;

        return new Walk(
            $this->ledger->hearings(),
            $this->route->visits($endMs),
            $this->route->closed,
            $this->route->shut,
            $this->remarks->notes(),
            $this->route->current,
            $endMs,
            $this->finishedAtMs !== null,
            $this->references,
            $this->defects->planted(),
            $this->defects->noticed(),
            $this->remarks->flags(),
            $this->restarts,
            $this->offTopic->msUntil($endMs),
            $this->offTopic->goesOn(),
            $this->remarks->lost(),
            $this->defects->dark(),
        );
    }

    private function notFitted(ItemMark $waved): void
    {
        if ($waved->isShut) {
            $this->remarks->tooLate('"%s" was told as not equipped only after its place was left.', $waved->item);
        }
        $this->ledger->wave($waved);
    }

    private function notice(ItemMark $noticed): void
    {
        if ($noticed->isShut) {
            $this->remarks->tooLate('A defect of "%s" was noticed only after its place was left.', $noticed->item);
        } else {
            $this->defects->notice($noticed);
        }
    }

    /**
     * Within what is allowed, the tests start from nothing; beyond it, what was said stands and the restart is held
     * against the student.
     */
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
}
