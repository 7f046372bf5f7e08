<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** What a mark records. The values are stored and sent: never rename one. */
enum MarkKind: string
{
    case HeardWhole = 'heard_whole';
    case PointsHeard = 'points_heard';
    /** Some of it was said; which points, the recording or the scorer tells later. Until then it counts as named. */
    case HeardInPart = 'heard_in_part';
    case PointsTakenBack = 'points_taken_back';
    /** A figure as it was said; the checklist judges it. */
    case FigureHeard = 'figure_heard';
    /** Something said that is not so: a wrong colour, name or range. */
    case SaidWrong = 'said_wrong';
    /** "The same as the last one, except ..." */
    case CarriedOver = 'carried_over';
    case PlaceEntered = 'place_entered';
    case PlaceClosed = 'place_closed';
    case NotFitted = 'not_fitted';
    /** A defect put there for this walk, which the student does not know of. */
    case DefectPlanted = 'defect_planted';
    case DefectNoticed = 'defect_noticed';
    /** A lamp was seen dark from outside while its function was on: a defect that the student does not know of. */
    case LampDark = 'lamp_dark';
    /** It was seen working, or works after all. */
    case LampLit = 'lamp_lit';
    /** The brake tests restarted from the beginning. */
    case Restarted = 'restarted';
    case Paused = 'paused';
    case Resumed = 'resumed';
    /** Talk about what is not on the list; it costs time only. */
    case OffListBegan = 'off_list_began';
    case OffListEnded = 'off_list_ended';
    case Note = 'note';
    /** To come back to in the debrief. */
    case LookAgain = 'look_again';
    case Undo = 'undo';
    case Finished = 'finished';

    /** @return list<string> fields of the open format that a mark of this kind carries beside id, at_ms and kind */
    public function fields(): array
    {
        return match ($this) {
            self::HeardWhole => ['item', 'side', 'evidence', 'said'],
            self::HeardInPart => ['item'],
            self::PointsHeard => ['item', 'points', 'side', 'evidence', 'said'],
            self::PointsTakenBack => ['item', 'points', 'side'],
            self::FigureHeard => ['item', 'points', 'side', 'value', 'evidence', 'said'],
            self::SaidWrong => ['item', 'points', 'side', 'text', 'said'],
            self::CarriedOver => ['place', 'from', 'except', 'evidence'],
            self::PlaceEntered, self::PlaceClosed => ['place'],
            self::NotFitted => ['item', 'evidence', 'said'],
            self::DefectPlanted => ['item', 'side', 'text'],
            self::DefectNoticed => ['item', 'side', 'text', 'evidence', 'said'],
            self::LampDark, self::LampLit => ['item', 'text', 'evidence'],
            self::Restarted => ['section'],
            self::Paused => ['text'],
            self::Resumed, self::OffListBegan, self::OffListEnded, self::Finished => [],
            self::Note, self::LookAgain => ['text', 'item'],
            self::Undo => ['undoes'],
        };
    }

    /** What a mark of this kind carries. */
    public function payload(MarkFields $of): Payload
    {
        return match ($this) {
            self::HeardWhole,
            self::PointsHeard,
            self::HeardInPart,
            self::PointsTakenBack,
            self::FigureHeard,
            self::SaidWrong,
            self::NotFitted,
            self::DefectPlanted,
            self::DefectNoticed,
            self::LampDark,
            self::LampLit => new ItemPayload($of->item ?? '', $of->points, $of->side, $of->value, $of->text),
            self::CarriedOver => new ReferencePayload($of->place ?? '', $of->from ?? ReferredTo::of(''), $of->except),
            self::PlaceEntered, self::PlaceClosed => new PlacePayload($of->place ?? ''),
            self::Restarted => new SectionPayload($of->section ?? ''),
            self::Paused, self::Note, self::LookAgain => new RemarkPayload($of->text, $of->item),
            self::Undo => new UndoPayload($of->undoes ?? ''),
            self::Resumed, self::OffListBegan, self::OffListEnded, self::Finished => new EmptyPayload,
        };
    }

    public function tellsWhenSaid(): bool
    {
        return in_array('said', $this->fields(), true);
    }

    /** Whether it tells what the student said, did or saw; the rest is what the scorer notes and corrects. */
    public function isOfTheWalk(): bool
    {
        return match ($this) {
            self::HeardWhole,
            self::PointsHeard,
            self::HeardInPart,
            self::FigureHeard,
            self::SaidWrong,
            self::CarriedOver,
            self::PlaceEntered,
            self::PlaceClosed,
            self::NotFitted,
            self::DefectNoticed,
            self::Restarted,
            self::OffListBegan,
            self::OffListEnded => true,
            self::PointsTakenBack,
            self::DefectPlanted,
            self::LampDark,
            self::LampLit,
            self::Paused,
            self::Resumed,
            self::Note,
            self::LookAgain,
            self::Undo,
            self::Finished => false,
        };
    }

    /** Whether a closed record can be amended by it: what was said and seen can, the course of the walk cannot. */
    public function amends(): bool
    {
        return match ($this) {
            self::HeardWhole,
            self::PointsHeard,
            self::PointsTakenBack,
            self::FigureHeard,
            self::SaidWrong,
            self::NotFitted,
            self::DefectPlanted,
            self::DefectNoticed,
            self::LampDark,
            self::LampLit,
            self::Note,
            self::LookAgain,
            self::Undo => true,
            self::HeardInPart,
            self::CarriedOver,
            self::PlaceEntered,
            self::PlaceClosed,
            self::Restarted,
            self::Paused,
            self::Resumed,
            self::OffListBegan,
            self::OffListEnded,
            self::Finished => false,
        };
    }
}
