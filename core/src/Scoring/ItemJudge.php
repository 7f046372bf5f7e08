<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\NoticedDefect;
use Pasada\Core\Checklist\Rules\RecitedOver;
use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;

/** Says of each item what became of it, and what still may. */
final readonly class ItemJudge
{
    private Rules $rules;

    /** @var array<string, Hearing> what was heard, references followed */
    private array $hearings;

    /** @var array<string, Hearing> what could still be heard by a reference that was made in time */
    private array $couldHear;

    public function __construct(
        Inspection $inspection, private Walk $walk, CarriedHearings $carried, private RestartableItems $restartable,
    ) {
        $this->rules = $inspection->checklist->rules;
        $this->hearings = $carried->hearings();
        $this->couldHear = $walk->finished || $walk->references === [] ? [] : $carried->reachable($this->isOpen(...));
    }

    public function outcome(Item $item, bool $isOutOfPlace): ItemOutcome
    {
        $hearing = $this->hearings[$item->id] ?? null;
        $heard = $hearing === null ? PointSet::none() : $this->heard($item, $hearing);
        $said = $hearing === null || ! $item->fitted ? 0 : Credit::share($item, $hearing, $this->rules);
        $status = $this->status($item, $hearing, $said);
        if ($status === ItemStatus::NotFitted && $item->fitted) {
            // Waving a part that is there takes it off the list, for the scorer saw it.
            return new ItemOutcome(
                $item, $status, $hearing, PointSet::none(), 0, 0, 0, 0, 0, false, $this->defect($item),
                isset($this->walk->noticed[$item->id]),
            );
        }
        $share = $this->share($item, $hearing, $said);
        $reach = $this->isOpen($item) ? Credit::UNIT : max($share, $this->stillByReference($item));
        $noticed = isset($this->walk->noticed[$item->id]);
        $bonus = $this->rules->noticedDefect === NoticedDefect::Bonus ? Credit::possible($item) : 0;
        [$earned, $reachable] = [Credit::worth($item, $share), Credit::worth($item, $reach)];
        $extra = [$noticed ? $bonus : 0, $noticed || $this->isOpen($item) ? $bonus : 0];

        return $item->bonus
            ? new ItemOutcome(
                $item, $status, $hearing, $heard, 0, 0, 0, $extra[0] + $earned, $extra[1] + $reachable, $isOutOfPlace,
                $this->defect($item), $noticed,
            )
            : new ItemOutcome(
                $item, $status, $hearing, $heard, $earned, Credit::possible($item), $reachable, $extra[0], $extra[1],
                $isOutOfPlace, $this->defect($item), $noticed,
            );
    }

    /** Whether what is said of the item now still counts. */
    private function isOpen(Item $item): bool
    {
        return ! $this->walk->finished &&
            (! isset($this->walk->shutPlaces[$item->place]) || $this->restartable->has($item));
    }

    private function defect(Item $item): ?string
    {
        return $this->walk->planted[$item->id] ?? $item->defect;
    }

    /** @param  int  $said  what the words are worth by themselves */
    private function share(Item $item, ?Hearing $hearing, int $said): int
    {
        if (! $item->fitted) {
            return $hearing?->notFitted === true ? Credit::UNIT : 0;
        }
        if ($this->isWholeByDefect($item)) {
            return Credit::UNIT;
        }

        return $hearing === null ? 0 : $this->credited($item, $hearing, $said);
    }

    private function isWholeByDefect(Item $item): bool
    {
        return $item->fitted &&
            isset($this->walk->noticed[$item->id]) &&
            $this->rules->noticedDefect === NoticedDefect::Whole;
    }

    /** Whether a part that is known to be defective was recited as sound, be it earned or not. */
    private function isOverDefect(Item $item, Hearing $hearing): bool
    {
        return $item->fitted &&
            $this->defect($item) !== null &&
            ! isset($this->walk->noticed[$item->id]) &&
            ! $hearing->onAnySide()->common($item->points)->isEmpty();
    }

    private function credited(Item $item, Hearing $hearing, int $share): int
    {
        return ! $this->isOverDefect($item, $hearing) ? $share : match ($this->rules->recitedOver) {
            RecitedOver::Nothing => 0,
            RecitedOver::Half => intdiv($share, 2),
            RecitedOver::Full => $share,
        };
    }

    private function stillByReference(Item $item): int
    {
        $could = $this->couldHear[$item->id] ?? null;

        return $could === null ? 0 : $this->credited($item, $could, Credit::share($item, $could, $this->rules));
    }

    private function status(Item $item, ?Hearing $hearing, int $share): ItemStatus
    {
        if ($hearing === null && ! $this->isWholeByDefect($item)) {
            $isDone =
                $this->walk->finished ||
                isset($this->walk->shutPlaces[$item->place]) ||
                isset($this->walk->closedPlaces[$item->place]);

            return $isDone ? ItemStatus::Missed : ItemStatus::NotReached;
        }
        if ($hearing?->notFitted === true) {
            return ItemStatus::NotFitted;
        }
        if (! $item->fitted) {
            return $hearing?->notFittedLate === true ? ItemStatus::Late : ItemStatus::Wrong;
        }
        if ($hearing !== null && $this->isOverDefect($item, $hearing)) {
            return ItemStatus::OverDefect;
        }

        return match (true) {
            $hearing === null, $share === Credit::UNIT, $this->isWholeByDefect($item) => $this->isCarried(
                $item,
                $hearing,
            )
                ? ItemStatus::Carried
                : ItemStatus::Whole,
            ! $hearing->wrong->isEmpty() => ItemStatus::Wrong,
            Credit::share($item, $hearing, $this->rules, withLate: true) > $share => $hearing
                ->onAnySide()
                ->common($item->points)
                ->isEmpty()
                ? ItemStatus::Late
                : ItemStatus::LaterAdded,
            default => ItemStatus::Partial,
        };
    }

    private function isCarried(Item $item, ?Hearing $hearing): bool
    {
        $direct = $this->walk->hearings[$item->id] ?? null;

        return $hearing?->carriedFrom !== null &&
            ($direct === null || Credit::share($item, $direct, $this->rules) < Credit::UNIT);
    }

    /** Of a two-sided item the points said of both sides, where both are needed; of either, where one is enough. */
    private function heard(Item $item, Hearing $hearing): PointSet
    {
        return $item->twoSided && $this->rules->sides === SideRule::Both
            ? $hearing->inTime->with($hearing->left->common($hearing->right))
            : $hearing->onAnySide();
    }
}
