<?php

declare(strict_types=1);

namespace App\Library;

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkFields;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\ReferredTo;
use Pasada\Core\Attempt\Marks\SaidWhen;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;
use stdClass;

/**
 * A mark as a row of its table: what only some kinds carry is in the details.
 *
 * @phpstan-type Row stdClass&object{
 *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
 *    undoes: ?string, details: ?string,
 * }
 */
final readonly class MarkRow
{
    /** The columns of a mark that are what it says. */
    public const COLUMNS = ['id', 'at_ms', 'kind', 'item', 'points', 'place', 'text', 'undoes', 'details', 'recorder'];

    /** @param  Row  $row */
    public static function read(stdClass $row): Mark
    {
        /**
         * @var array{
         *    side?: string, value?: int, from?: string, except?: list<string>, section?: string, evidence?: string,
         *    said?: string,
         * } $details
         */
        $details = $row->details === null ? [] : json_decode($row->details, true);

        $fields = new MarkFields(
            item: $row->item,
            points: self::points($row->points),
            place: $row->place,
            text: $row->text,
            undoes: $row->undoes,
            side: isset($details['side']) ? Side::from($details['side']) : null,
            value: $details['value'] ?? null,
            from: isset($details['from']) ? ReferredTo::of($details['from']) : null,
            except: $details['except'] ?? [],
            section: $details['section'] ?? null,
        );
        $said = isset($details['said']) ? SaidWhen::from($details['said']) : null;

        return Mark::of(
            $row->id, $row->at_ms, MarkKind::from($row->kind), $fields, $details['evidence'] ?? null, $said,
        );
    }

    /** @return array<string, string|null> */
    public static function write(Mark $mark): array
    {
        $of = $mark->payload->fields();
        $codes = array_map(static fn (Point $point): string => $point->value, $of->points->points());
        $details = array_filter(
            [
                'side' => $of->side?->value,
                'value' => $of->value,
                'from' => $of->from?->key(),
                'except' => $of->except === [] ? null : $of->except,
                'section' => $of->section,
                'evidence' => $mark->evidence,
                'said' => $mark->said?->value,
            ],
            static fn (mixed $value): bool => $value !== null,
        );

        return [
            'item' => $of->item,
            'points' => $codes === [] ? null : implode(' ', $codes),
            'place' => $of->place,
            'text' => $of->text,
            'undoes' => $of->undoes,
            'details' => $details === [] ? null : (string) json_encode($details),
        ];
    }

    private static function points(?string $codes): PointSet
    {
        return $codes === null ? PointSet::none() : PointSet::of(...array_map(Point::from(...), explode(' ', $codes)));
    }
}
