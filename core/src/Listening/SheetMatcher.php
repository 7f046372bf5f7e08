<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\UnitOfMeasure;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Place;
use Pasada\Core\Inspection\ReferenceChoices;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Listening\Referring\SaidReference;

/**
 * Finds the items of a sheet that an account speaks of, and the marks that accepting would make.
 *
 * Where a checklist asks several axles of a group or both sides by themselves, words that do not tell which are taken
 * for the first: the scorer moves them.
 */
final readonly class SheetMatcher
{
    /** Evidence on a mark is an excerpt. */
    private const LONGEST_EVIDENCE = 300;

    /** @var array<string, string> component that is asked, by a part that it stands for */
    private array $groups;

    public function __construct(private Inspection $inspection, Checklist $checklist)
    {
        $groups = [];
        foreach ($checklist->sections as $section) {
            foreach ($section->stops as $stop) {
                foreach ($stop->asks as $component) {
                    foreach ($component->parts as $part) {
                        $groups[$part->id] = $component->id;
                    }
                }
            }
        }
        $this->groups = $groups;
    }

    /** @return list<Suggestion> in the order of the words */
    public function suggestions(Account $account): array
    {
        $byItem = [];
        foreach ($account->heard as $proposal) {
            $item = $this->itemOf($proposal);
            if ($item !== null) {
                $byItem[$item->id][] = $proposal;
            }
        }
        $suggestions = [];
        foreach ($byItem as $id => $proposals) {
            $item = $this->inspection->item($id);
            if ($item !== null) {
                $suggestions[] = $this->suggestion($item, $proposals);
            }
        }
        foreach ($account->references as [$at, $reference]) {
            $suggestions = [...$suggestions, ...$this->carried($account, $at, $reference)];
        }
        usort(
            $suggestions,
            static fn (Suggestion $a, Suggestion $b): int => $a->evidence[0]->from <=> $b->evidence[0]->from,
        );

        return $suggestions;
    }

    private function itemOf(Proposal $proposal): ?Item
    {
        $component = $this->groups[$proposal->component] ?? $proposal->component;
        foreach ($this->inspection->items as $item) {
            if (
                ($item->component === $component || $item->component === $proposal->component) &&
                ($proposal->axle === null ||
                    $item->position->group === null ||
                    $item->position->group->value === $proposal->axle)
            ) {
                return $item;
            }
        }

        return null;
    }

    /** @param  non-empty-list<Proposal>  $proposals */
    private function suggestion(Item $item, array $proposals): Suggestion
    {
        $points = PointSet::none();
        $evidence = $figures = $defects = [];
        $doubt = 1.0;
        $notFitted = true;
        foreach ($proposals as $proposal) {
            $points = $points->with($proposal->points);
            $evidence = [...$evidence, ...$proposal->evidence];
            $defects = [...$defects, ...$proposal->defects];
            $notFitted = $notFitted && $proposal->notFitted;
            $doubt *= 1 - $proposal->confidence;
            foreach ($proposal->said as $code => [$quantity]) {
                $value = isset($item->figures[$code]) ? $this->value($item->figures[$code], $quantity) : null;
                if ($value !== null) {
                    $figures[$code] = $value;
                }
            }
        }
        usort($evidence, static fn (Evidence $a, Evidence $b): int => $a->from <=> $b->from);
        $marks = $notFitted
            ? [['kind' => MarkKind::NotFitted->value, 'item' => $item->id]]
            : [
                ...$this->heard($item, $points, $figures),
                ...array_map(
                    static fn (string $what): array => [
                        'kind' => MarkKind::DefectNoticed->value,
                        'item' => $item->id,
                        'text' => $what,
                    ],
                    $defects,
                ),
            ];
        $first = $proposals[0];

        return new Suggestion(
            $item->id,
            $item->id,
            $this->said($item, $points, $figures, $defects, $notFitted),
            round(1 - $doubt, 2),
            $evidence,
            $this->stamped($marks, $evidence[0]),
            $first->runnerUp,
        );
    }

    /**
     * @param  array<string, float>  $figures
     * @return list<array<string, mixed>>
     */
    private function heard(Item $item, PointSet $points, array $figures): array
    {
        $withFigure = PointSet::of(...array_map(Point::from(...), array_keys($figures)));
        $heard = $points->common($item->points)->without($withFigure);
        $marks = [];
        if ($figures === [] && $heard->includes($item->points)) {
            return [['kind' => MarkKind::HeardWhole->value, 'item' => $item->id]];
        }
        if (! $heard->isEmpty() || $figures === []) {
            $marks[] = ['kind' => MarkKind::PointsHeard->value, 'item' => $item->id, 'points' => self::codes($heard)];
        }
        foreach ($figures as $code => $value) {
            $marks[] = [
                'kind' => MarkKind::FigureHeard->value,
                'item' => $item->id,
                'points' => [$code],
                'value' => $value,
            ];
        }

        return $marks;
    }

    /** The figure in the unit of the item; of a range, the end that is not accepted, if one is not. */
    private function value(Figure $figure, Quantity $quantity): ?float
    {
        $scale = match (true) {
            $figure->unit === UnitOfMeasure::Percent && $quantity->unit === QuantityUnit::Fraction => 100,
            $figure->unit === UnitOfMeasure::ThirtySecondsInch => $quantity->unit === QuantityUnit::ThirtySeconds
                ? 1
                : null,
            $figure->unit === UnitOfMeasure::Inch => $quantity->unit === QuantityUnit::Inches ||
            $quantity->unit === QuantityUnit::Fraction
                ? 1
                : null,
            $figure->unit === UnitOfMeasure::Second => $quantity->unit === QuantityUnit::Seconds ? 1 : null,
            default => $quantity->unit === QuantityUnit::Inches || $quantity->unit === QuantityUnit::ThirtySeconds
                ? null
                : 1,
        };
        if ($scale === null) {
            return null;
        }
        foreach ([$quantity->value, $quantity->high ?? $quantity->value] as $value) {
            if (! $figure->accepts((int) round($value * $scale * 1000))) {
                return $value * $scale;
            }
        }

        return ($quantity->high ?? $quantity->value) * $scale;
    }

    /**
     * @param  array<string, float>  $figures
     * @param  list<string>  $defects
     */
    private function said(Item $item, PointSet $points, array $figures, array $defects, bool $notFitted): string
    {
        if ($notFitted) {
            return 'not fitted';
        }

        return implode(', ', [
            ...self::codes($points->common($item->points)),
            ...array_map(
                static fn (string $code, float $value): string => $item->figures[$code]->unit->format(
                    (int) round($value * 1000),
                ),
                array_keys($figures),
                $figures,
            ),
            ...array_map(static fn (string $what): string => 'defect: '.$what, $defects),
        ]);
    }

    /** @return list<Suggestion> */
    private function carried(Account $account, float $at, SaidReference $reference): array
    {
        $suggestions = [];
        $text = implode(' ', array_slice($account->words->text, $reference->from, $reference->to - $reference->from));
        $evidence = new Evidence($at, $text, $reference->from, $reference->to);
        foreach ($this->inspection->places as $place) {
            $from = $this->source($place, $reference);
            if ($from === null) {
                continue;
            }
            $except = array_values(
                array_filter(
                    $place->items,
                    static fn (Item $item): bool => $reference->covers !== [] &&
                        array_intersect([$item->component, explode('.', $item->component)[0]], $reference->covers) ===
                            [],
                ),
            );
            if (count($except) < count($place->items)) {
                $mark = [
                    'kind' => MarkKind::CarriedOver->value,
                    'place' => $place->id,
                    'from' => $from,
                    'except' => array_map(static fn (Item $item): string => $item->id, $except),
                ];
                $suggestions[] = new Suggestion(
                    'reference '.$place->id.' '.$reference->from,
                    null,
                    $place->name.
                        ': the same as the '.
                        (ReferenceChoices::at($this->inspection, $place)[$from] ?? $from),
                    0.7,
                    [$evidence],
                    $this->stamped([$mark], $evidence),
                    null,
                );
            }
        }

        return $suggestions;
    }

    private function source(Place $place, SaidReference $reference): ?string
    {
        $choices = ReferenceChoices::at($this->inspection, $place);
        $sides = array_intersect_key($choices, ['left' => true, 'right' => true]);
        if ($reference->kind === 'other_side') {
            return array_key_last($sides);
        }
        $axles = array_diff_key($choices, $sides);

        return $reference->kind === 'other_axle' && $place->group !== null && $place->group->value === $reference->axle
            ? array_key_first($axles)
            : null;
    }

    /**
     * @param  list<array<string, mixed>>  $marks
     * @return list<array<string, mixed>>
     */
    private function stamped(array $marks, Evidence $evidence): array
    {
        return array_map(
            static fn (array $mark): array => [
                ...$mark,
                'at_ms' => (int) round($evidence->at * 1000),
                'evidence' => mb_substr($evidence->text, 0, self::LONGEST_EVIDENCE),
            ],
            $marks,
        );
    }

    /** @return list<string> */
    private static function codes(PointSet $points): array
    {
        return array_map(static fn (Point $point): string => $point->value, $points->points());
    }
}
