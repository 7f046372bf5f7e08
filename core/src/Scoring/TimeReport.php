<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Walk;
use Pasada\Core\Inspection\Inspection;

/** Time per section against what is allowed. */
final readonly class TimeReport
{
    /**
     * @param  array<string, int>  $sectionsMs  time spent by section id
     * @param  list<string>  $breaches  where more time was taken than is allowed, in words
     */
    private function __construct(public array $sectionsMs, public array $breaches) {}

    public static function of(Inspection $inspection, Walk $walk): self
    {
        $sectionOf = [];
        foreach ($inspection->places as $place) {
            $sectionOf[$place->id] = $place->section;
        }
        $times = [];
        foreach ($walk->visits as $visit) {
            $section = $sectionOf[$visit->place];
            $times[$section] = ($times[$section] ?? 0) + $visit->durationMs();
        }
        $breaches = self::breach('The walk', $walk->durationMs, $inspection->checklist->rules->timeAllowedSeconds);
        foreach ($inspection->sections as $id => $section) {
            $breaches = [
                ...$breaches,
                ...self::breach('"'.$section->name.'"', $times[$id] ?? 0, $section->timeAllowedSeconds),
            ];
        }

        return new self($times, $breaches);
    }

    /** @return list<string> */
    private static function breach(string $what, int $tookMs, ?int $allowedSeconds): array
    {
        return $allowedSeconds !== null && $tookMs > $allowedSeconds * 1000
            ? [
                sprintf(
                    '%s took %s; %s is allowed.', $what, Said::clock(intdiv($tookMs, 1000)),
                    Said::clock($allowedSeconds),
                ),
            ]
            : [];
    }
}
