<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** Walks as they are set while a week is planned: nobody and nothing is at two places at once. */
final class Board
{
    /** @var array<string, PlannedWalk> by slot and vehicle */
    private array $walks = [];

    /** @var array<string, array<string, array{string, string, string}>> who is taken in each slot, by walk */
    private array $at = [];

    /** @var array<string, array<string, true>> keys of walks by student */
    private array $of = [];

    /** @var array<string, list<string>> slots that overlap each slot, itself among them */
    private array $meets = [];

    /** @var array<string, int> how many of the vehicles each instructor may teach */
    private array $teaches = [];

    public function __construct(private readonly YardWeek $week)
    {
        foreach ($week->instructors as $one) {
            $this->teaches[$one->id] = count(array_filter(
                $week->vehicles, static fn (Helper $vehicle): bool => $one->teaches($vehicle->id),
            ));
        }
        foreach ($week->slots as $slot) {
            foreach ($week->slots as $other) {
                if ($slot->overlaps($other)) {
                    $this->meets[$slot->id][] = $other->id;
                }
            }
        }
    }

    /** @return list<PlannedWalk> in order of time, then by vehicle */
    public function walks(): array
    {
        $walks = array_values($this->walks);
        usort($walks, fn (PlannedWalk $a, PlannedWalk $b): int => [
            $this->week->slots[$a->slot]->from, $a->vehicle, $a->student,
        ] <=> [$this->week->slots[$b->slot]->from, $b->vehicle, $b->student]);

        return $walks;
    }

    public function in(string $slot, string $vehicle): ?PlannedWalk
    {
        return $this->walks[$slot.' '.$vehicle] ?? null;
    }

    public function put(PlannedWalk $walk): void
    {
        $key = $walk->slot.' '.$walk->vehicle;
        $this->walks[$key] = $walk;
        foreach ($this->meets[$walk->slot] as $slot) {
            $this->at[$slot][$key] = [$walk->instructor, $walk->vehicle, $walk->student];
        }
        $this->of[$walk->student][$key] = true;
    }

    public function take(PlannedWalk $walk): void
    {
        $key = $walk->slot.' '.$walk->vehicle;
        unset($this->walks[$key], $this->of[$walk->student][$key]);
        foreach ($this->meets[$walk->slot] as $slot) {
            unset($this->at[$slot][$key]);
        }
    }

    /** @return list<PlannedWalk> */
    public function ofStudent(string $student): array
    {
        return array_map(fn (string $key): PlannedWalk => $this->walks[$key], array_keys($this->of[$student] ?? []));
    }

    public function times(string $student): int
    {
        return count($this->of[$student] ?? []);
    }

    /** Why a student cannot walk a vehicle in a slot, whoever teaches; null where they can. */
    public function hinders(Learner $learner, Slot $slot, string $vehicle): ?string
    {
        if (! $learner->canWalk($slot, $vehicle)) {
            return 'the student is not there, is not examined on this vehicle, or has had the exam by then';
        }
        if (! $this->week->vehicles[$vehicle]->isFree($slot)) {
            return 'the vehicle is not there';
        }
        foreach ($this->at[$slot->id] ?? [] as [, $ofVehicle, $ofStudent]) {
            if ($ofVehicle === $vehicle) {
                return 'the vehicle is taken';
            }
            if ($ofStudent === $learner->id) {
                return 'the student walks elsewhere then';
            }
        }
        $thatDay = array_filter(
            $this->ofStudent($learner->id),
            fn (PlannedWalk $one): bool => $this->week->slots[$one->slot]->day() === $slot->day(),
        );

        return match (true) {
            $this->times($learner->id) >= $learner->most => 'the student has as many walks as were wanted',
            count($thatDay) >= $learner->mostADay => 'the student walks that day already',
            default => null,
        };
    }

    /** Who can teach then: whoever may teach the fewest vehicles first, so that the others stay free for more. */
    public function teacher(Slot $slot, string $vehicle): ?string
    {
        $busy = array_column($this->at[$slot->id] ?? [], 0, 0);
        $best = null;
        foreach ($this->week->instructors as $one) {
            if (isset($busy[$one->id]) || ! $one->isFree($slot) || ! $one->teaches($vehicle)) {
                continue;
            }
            $teaches = $this->teaches[$one->id];
            if ($best === null || $teaches < $best[0]) {
                $best = [$teaches, $one->id];
            }
        }

        return $best[1] ?? null;
    }
}
