<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Listening\Proposal;

/** What was heard of one item of a sheet, with the marks that accepting it makes. */
final readonly class Telling
{
    private PointSet $points;

    /** @var array<string, float> in the item's units, by point code */
    private array $figures;

    /** @var list<string> */
    private array $defects;

    private bool $notFitted;

    /** @param  non-empty-list<Proposal>  $proposals */
    public function __construct(private Item $item, array $proposals)
    {
        $points = PointSet::none();
        $figures = $defects = [];
        $notFitted = true;
        foreach ($proposals as $proposal) {
            $points = $points->with($proposal->points);
            $defects = [...$defects, ...$proposal->defects];
            $notFitted = $notFitted && $proposal->notFitted;
            foreach ($proposal->said as $code => [$quantity]) {
                $value = isset($item->figures[$code]) ? FigureReading::of($item->figures[$code], $quantity) : null;
                if ($value !== null) {
                    $figures[$code] = $value;
                }
            }
        }
        [$this->points, $this->figures, $this->defects, $this->notFitted] = [$points, $figures, $defects, $notFitted];
    }

    /** @return list<array<string, mixed>> in the open format, without ids, times and words */
    public function marks(): array
    {
        if ($this->notFitted) {
            return [['kind' => MarkKind::NotFitted->value, 'item' => $this->item->id]];
        }

        return [
            ...$this->heard(),
            ...array_map(
                fn (string $what): array => [
                    'kind' => MarkKind::DefectNoticed->value,
                    'item' => $this->item->id,
                    'text' => $what,
                ],
                $this->defects,
            ),
        ];
    }

    /** As it is read: point codes, figures with their units, defects. */
    public function words(): string
    {
        if ($this->notFitted) {
            return 'not fitted';
        }

        return implode(', ', [
            ...self::codes($this->points->common($this->item->points)),
            ...array_map(
                fn (string $code, float $value): string => $this->item->figures[$code]->unit->format(
                    (int) round($value * 1000),
                ),
                array_keys($this->figures),
                $this->figures,
            ),
            ...array_map(static fn (string $what): string => 'defect: '.$what, $this->defects),
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function heard(): array
    {
        $id = $this->item->id;
        $withFigure = PointSet::of(...array_map(Point::from(...), array_keys($this->figures)));
        $heard = $this->points->common($this->item->points)->without($withFigure);
        $marks = [];
        if ($this->figures === [] && $heard->includes($this->item->points)) {
            return [['kind' => MarkKind::HeardWhole->value, 'item' => $id]];
        }
        if (! $heard->isEmpty() || $this->figures === []) {
            $marks[] = ['kind' => MarkKind::PointsHeard->value, 'item' => $id, 'points' => self::codes($heard)];
        }
        foreach ($this->figures as $code => $value) {
            $marks[] = ['kind' => MarkKind::FigureHeard->value, 'item' => $id, 'points' => [$code], 'value' => $value];
        }

        return $marks;
    }

    /** @return list<string> */
    private static function codes(PointSet $points): array
    {
        return array_map(static fn (Point $point): string => $point->value, $points->points());
    }
}
