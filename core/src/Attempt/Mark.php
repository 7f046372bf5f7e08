<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;

/** One thing the scorer recorded. Never changed once made: taking back is a mark of its own. */
final readonly class Mark
{
    /** @param  list<string>  $except  items of the place that a reference leaves out */
    private function __construct(
        /** UUID made by the recorder, in small letters. */
        public string $id,
        /** Time in the walk, in milliseconds. */
        public int $atMs,
        public MarkKind $kind,
        public ?string $item = null,
        public PointSet $points = new PointSet(0),
        public ?string $place = null,
        public ?string $text = null,
        /** Id of the mark that an undo takes out of force. */
        public ?string $undoes = null,
        /** The side it was said of, where one side was; null means both. */
        public ?Side $side = null,
        /** A figure as said, in thousandths of its unit. */
        public ?int $value = null,
        /** Axle or side that a reference names. */
        public ?string $from = null,
        public array $except = [],
        public ?string $section = null,
        /** The words it rests on, where it was proposed from speech and accepted. */
        public ?string $evidence = null,
        /** Set where it was not marked as it was said; null goes by the time of the mark. */
        public ?SaidWhen $said = null,
    ) {}

    public static function heardWhole(string $id, int $atMs, string $item, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::HeardWhole, $item, side: $side);
    }

    /** A set without points means that the item was pointed at and named only. */
    public static function pointsHeard(string $id, int $atMs, string $item, PointSet $points, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::PointsHeard, $item, $points, side: $side);
    }

    /** Taking back `identified` takes the whole item back: what was not named was not said. */
    public static function pointsTakenBack(string $id, int $atMs, string $item, PointSet $points, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::PointsTakenBack, $item, $points, side: $side);
    }

    /** @param  int  $value  thousandths of the unit that the item's figure has */
    public static function figureHeard(string $id, int $atMs, string $item, PointSet $point, int $value, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::FigureHeard, $item, $point, side: $side, value: $value);
    }

    public static function saidWrong(string $id, int $atMs, string $item, PointSet $points, ?string $text = null, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::SaidWrong, $item, $points, text: $text, side: $side);
    }

    /**
     * The items of a place, said by reference to the same ones at an axle or side.
     *
     * @param  string  $from  axle as in an item's id, "left" or "right"
     * @param  list<string>  $except  item ids
     */
    public static function carriedOver(string $id, int $atMs, string $place, string $from, array $except = []): self
    {
        return new self($id, $atMs, MarkKind::CarriedOver, place: $place, from: $from, except: $except);
    }

    public static function placeEntered(string $id, int $atMs, string $place): self
    {
        return new self($id, $atMs, MarkKind::PlaceEntered, place: $place);
    }

    public static function placeClosed(string $id, int $atMs, string $place): self
    {
        return new self($id, $atMs, MarkKind::PlaceClosed, place: $place);
    }

    public static function notFitted(string $id, int $atMs, string $item): self
    {
        return new self($id, $atMs, MarkKind::NotFitted, $item);
    }

    public static function defectPlanted(string $id, int $atMs, string $item, string $text, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::DefectPlanted, $item, text: $text, side: $side);
    }

    public static function defectNoticed(string $id, int $atMs, string $item, ?string $text = null, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::DefectNoticed, $item, text: $text, side: $side);
    }

    public static function restarted(string $id, int $atMs, string $section): self
    {
        return new self($id, $atMs, MarkKind::Restarted, section: $section);
    }

    public static function note(string $id, int $atMs, string $text, ?string $item = null): self
    {
        return new self($id, $atMs, MarkKind::Note, $item, text: $text);
    }

    /** Undoing an undo brings the first mark back. */
    public static function undo(string $id, int $atMs, string $undoes): self
    {
        return new self($id, $atMs, MarkKind::Undo, undoes: $undoes);
    }

    public static function finished(string $id, int $atMs): self
    {
        return new self($id, $atMs, MarkKind::Finished);
    }

    /**
     * A mark of any kind from fields that were checked before: of the table, or by MarkReader.
     *
     * @param  list<string>  $except
     */
    public static function of(string $id, int $atMs, MarkKind $kind, ?string $item, PointSet $points, ?string $place, ?string $text, ?string $undoes, ?Side $side = null, ?int $value = null, ?string $from = null, array $except = [], ?string $section = null, ?string $evidence = null, ?SaidWhen $said = null): self
    {
        return new self($id, $atMs, $kind, $item, $points, $place, $text, $undoes, $side, $value, $from, $except, $section, $evidence, $said);
    }

    /** The same mark made afterwards: at this time of the record, said while its place was open unless it says otherwise. */
    public function afterwards(int $atMs): self
    {
        $said = $this->said ?? ($this->kind->tellsWhenSaid() ? SaidWhen::InTime : null);

        return new self($this->id, $atMs, $this->kind, $this->item, $this->points, $this->place, $this->text, $this->undoes, $this->side, $this->value, $this->from, $this->except, $this->section, $this->evidence, $said);
    }

    /** The same in everything but perhaps who sent it. */
    public function equals(self $other): bool
    {
        return MarkWriter::write($this) === MarkWriter::write($other);
    }
}
