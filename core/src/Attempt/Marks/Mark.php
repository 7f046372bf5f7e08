<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;

/** One thing the scorer recorded. Never changed once made: taking back is a mark of its own. */
final readonly class Mark
{
    private function __construct(
        /** UUID made by the recorder, in small letters. */
        public string $id,
        /** Time in the walk, in milliseconds. */
        public int $atMs,
        public MarkKind $kind,
        public Payload $payload,
        /** The words it rests on, where it was proposed from speech and accepted. */
        public ?string $evidence = null,
        /** Set where it was not marked as it was said; null goes by the time of the mark. */
        public ?SaidWhen $said = null,
    ) {}

    public static function heardWhole(string $id, int $atMs, string $item, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::HeardWhole, new ItemPayload($item, side: $side));
    }

    /** A set without points means that the item was pointed at and named only. */
    public static function pointsHeard(string $id, int $atMs, string $item, PointSet $points, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::PointsHeard, new ItemPayload($item, $points, $side));
    }

    public static function heardInPart(string $id, int $atMs, string $item): self
    {
        return new self($id, $atMs, MarkKind::HeardInPart, new ItemPayload($item));
    }

    /** @param  string|null  $text  where, of a function that shows at several places: values of LightPlace */
    public static function lampDark(string $id, int $atMs, string $item, ?string $text = null): self
    {
        return new self($id, $atMs, MarkKind::LampDark, new ItemPayload($item, text: $text));
    }

    public static function lampLit(string $id, int $atMs, string $item): self
    {
        return new self($id, $atMs, MarkKind::LampLit, new ItemPayload($item));
    }

    /** Taking back `identified` takes the whole item back: what was not named was not said. */
    public static function pointsTakenBack(
        string $id, int $atMs, string $item, PointSet $points, ?Side $side = null,
    ): self {
        return new self($id, $atMs, MarkKind::PointsTakenBack, new ItemPayload($item, $points, $side));
    }

    /** @param  int  $value  thousandths of the unit that the item's figure has */
    public static function figureHeard(
        string $id, int $atMs, string $item, PointSet $point, int $value, ?Side $side = null,
    ): self {
        return new self($id, $atMs, MarkKind::FigureHeard, new ItemPayload($item, $point, $side, $value));
    }

    public static function saidWrong(
        string $id, int $atMs, string $item, PointSet $points, ?string $text = null, ?Side $side = null,
    ): self {
        return new self($id, $atMs, MarkKind::SaidWrong, new ItemPayload($item, $points, $side, text: $text));
    }

    /**
     * The items of a place, said by reference to the same ones at an axle or side.
     *
     * @param  string  $from  axle as in an item's id, "left" or "right"
     * @param  list<string>  $except  item ids
     */
    public static function carriedOver(string $id, int $atMs, string $place, string $from, array $except = []): self
    {
        return new self(
            $id,
            $atMs,
            MarkKind::CarriedOver,
            new ReferencePayload($place, ReferredTo::of($from), $except),
        );
    }

    public static function placeEntered(string $id, int $atMs, string $place): self
    {
        return new self($id, $atMs, MarkKind::PlaceEntered, new PlacePayload($place));
    }

    public static function placeClosed(string $id, int $atMs, string $place): self
    {
        return new self($id, $atMs, MarkKind::PlaceClosed, new PlacePayload($place));
    }

    public static function notFitted(string $id, int $atMs, string $item): self
    {
        return new self($id, $atMs, MarkKind::NotFitted, new ItemPayload($item));
    }

    public static function defectPlanted(string $id, int $atMs, string $item, string $text, ?Side $side = null): self
    {
        return new self($id, $atMs, MarkKind::DefectPlanted, new ItemPayload($item, side: $side, text: $text));
    }

    public static function defectNoticed(
        string $id, int $atMs, string $item, ?string $text = null, ?Side $side = null,
    ): self {
        return new self($id, $atMs, MarkKind::DefectNoticed, new ItemPayload($item, side: $side, text: $text));
    }

    public static function restarted(string $id, int $atMs, string $section): self
    {
        return new self($id, $atMs, MarkKind::Restarted, new SectionPayload($section));
    }

    public static function note(string $id, int $atMs, string $text, ?string $item = null): self
    {
        return new self($id, $atMs, MarkKind::Note, new RemarkPayload($text, $item));
    }

    /** Undoing an undo brings the first mark back. */
    public static function undo(string $id, int $atMs, string $undoes): self
    {
        return new self($id, $atMs, MarkKind::Undo, new UndoPayload($undoes));
    }

    public static function finished(string $id, int $atMs): self
    {
        return new self($id, $atMs, MarkKind::Finished, new EmptyPayload);
    }

    /** A mark of any kind from fields that were checked before: of the table, or by MarkReader. */
    public static function of(
        string $id, int $atMs, MarkKind $kind, MarkFields $fields, ?string $evidence = null, ?SaidWhen $said = null,
    ): self {
        return new self($id, $atMs, $kind, $kind->payload($fields), $evidence, $said);
    }

    public function saidWhen(?SaidWhen $said): self
    {
        return new self($this->id, $this->atMs, $this->kind, $this->payload, $this->evidence, $said);
    }

    /**
     * The same mark made afterwards: at this time of the record, said while its place was open unless it says
     * otherwise.
     */
    public function afterwards(int $atMs): self
    {
        $said = $this->said ?? ($this->kind->tellsWhenSaid() ? SaidWhen::InTime : null);

        return new self($this->id, $atMs, $this->kind, $this->payload, $this->evidence, $said);
    }

    /** Id of the mark that this one takes out of force; null where it is no undo. */
    public function undoes(): ?string
    {
        return $this->payload instanceof UndoPayload ? $this->payload->undoes : null;
    }

    /** The same in everything but perhaps who sent it. */
    public function equals(self $other): bool
    {
        return MarkWriter::write($this) === MarkWriter::write($other);
    }
}
