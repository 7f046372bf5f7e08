<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\PointSet;

/**
 * One thing that happened in an attempt; never changed once made.
 *
 * Only the fields of its kind are set: `item` for what is said of an item, `points` where only some of them,
 * `place` for coming and going, `text` for a note, `undoes` for an undo. The factories see to that.
 */
final readonly class Mark
{
    private function __construct(
        /** UUIDv7 made by the recorder: sending a mark twice counts once. */
        public string $id,
        /** Time in the walk, in milliseconds from its start. */
        public int $atMs,
        public MarkKind $kind,
        public ?string $item,
        public PointSet $points,
        public ?string $place,
        public ?string $text,
        public ?string $undoes,
    ) {}

    public static function heardWhole(string $id, int $atMs, string $item): self
    {
        return new self($id, $atMs, MarkKind::HeardWhole, $item, PointSet::none(), null, null, null);
    }

    /** A set without points means that the item was pointed at and named only. */
    public static function pointsHeard(string $id, int $atMs, string $item, PointSet $points): self
    {
        return new self($id, $atMs, MarkKind::PointsHeard, $item, $points, null, null, null);
    }

    /** Taking back `identified` takes the whole item back: what was not named was not said. */
    public static function pointsTakenBack(string $id, int $atMs, string $item, PointSet $points): self
    {
        return new self($id, $atMs, MarkKind::PointsTakenBack, $item, $points, null, null, null);
    }

    public static function placeEntered(string $id, int $atMs, string $place): self
    {
        return new self($id, $atMs, MarkKind::PlaceEntered, null, PointSet::none(), $place, null, null);
    }

    public static function placeClosed(string $id, int $atMs, string $place): self
    {
        return new self($id, $atMs, MarkKind::PlaceClosed, null, PointSet::none(), $place, null, null);
    }

    public static function notFitted(string $id, int $atMs, string $item): self
    {
        return new self($id, $atMs, MarkKind::NotFitted, $item, PointSet::none(), null, null, null);
    }

    public static function note(string $id, int $atMs, string $text, ?string $item = null): self
    {
        return new self($id, $atMs, MarkKind::Note, $item, PointSet::none(), null, $text, null);
    }

    /** Undoing an undo brings the first mark back. */
    public static function undo(string $id, int $atMs, string $undoes): self
    {
        return new self($id, $atMs, MarkKind::Undo, null, PointSet::none(), null, null, $undoes);
    }

    public static function finished(string $id, int $atMs): self
    {
        return new self($id, $atMs, MarkKind::Finished, null, PointSet::none(), null, null, null);
    }

    /** The same in everything but perhaps who sent it. */
    public function equals(self $other): bool
    {
        return $this->id === $other->id && $this->atMs === $other->atMs && $this->kind === $other->kind && $this->item === $other->item
            && $this->points->bits === $other->points->bits && $this->place === $other->place && $this->text === $other->text && $this->undoes === $other->undoes;
    }
}
