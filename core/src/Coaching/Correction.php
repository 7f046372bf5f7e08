<?php

declare(strict_types=1);

namespace Pasada\Core\Coaching;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Vehicle\AxleGroup;

/** Says what was wrong about a statement, and what is right. */
final readonly class Correction
{
    public function __construct(private Coach $coach, private Checklist $checklist) {}

    /** @return list<string> one sentence for each point that was said wrong and not put right in time */
    public function of(ItemOutcome $outcome): array
    {
        return array_map(fn (Point $point): string => $this->sentence($outcome, $point), $outcome->wrong()->points());
    }

    private function sentence(ItemOutcome $outcome, Point $point): string
    {
        $figure = $outcome->item->figures[$point->value] ?? null;
        $value = $outcome->hearing->figures[$point->value] ?? null;
        if ($figure !== null && $value !== null) {
            $belongs = $this->elsewhere($figure, $value);

            return sprintf(
                'You said %s%s; here it is %s (%s).',
                $figure->unit->format($value),
                $belongs === null ? '' : ', which is the figure of the '.$belongs,
                $figure->said(),
                $figure->source,
            );
        }
        $words = $outcome->hearing->wrongWords[$point->value] ?? null;

        return sprintf(
            '%s was said wrong%s; say: %s.',
            ucfirst($this->coach->label($point)),
            $words === null ? '' : ' ("'.$words.'")',
            $this->coach->phrase($outcome->item, $point),
        );
    }

    /** The axle that a figure would have been right for; null where it is right nowhere. */
    private function elsewhere(Figure $figure, int $value): ?string
    {
        foreach ($this->checklist->figures as $other) {
            if (
                $other->id !== $figure->id &&
                $other->point === $figure->point &&
                $other->axles !== [] &&
                $other->accepts($value)
            ) {
                return implode(' or ', array_map(static fn (AxleGroup $axle): string => $axle->label(), $other->axles));
            }
        }

        return null;
    }
}
