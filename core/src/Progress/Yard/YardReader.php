<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Reads a week that is to be planned (schemas/yard-week.schema.json). */
final readonly class YardReader
{
    private const USUAL_MINUTES = 60;

    /** What a walk usually adds where nobody has worked it out: a share of what is missing. */
    private const USUAL_GAIN = 0.15;

    private const USUAL_CHANCE = 0.5;

    /** @throws DocumentHasFaults with every fault of the text and its path */
    public function read(string $json, string $name = 'week'): YardWeek
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        $root->only('$schema', 'slots', 'instructors', 'vehicles', 'students', 'fixed');
        $slots = $this->slots($root);
        $vehicles = $this->each($root, 'vehicles', ['id', 'free'], fn (Node $node, string $id): Helper => new Helper(
            $id, $this->ids($node, 'free', $slots, 'slot'),
        ));
        $instructors = $this->each(
            $root, 'instructors', ['id', 'teaches', 'free'],
            fn (Node $node, string $id): Helper => new Helper(
                $id, $this->ids($node, 'free', $slots, 'slot'), $this->ids($node, 'teaches', $vehicles, 'vehicle'),
            ),
        );
        $students = $this->each(
            $root, 'students', ['id', 'chance', 'gain', 'exam_on', 'vehicles', 'free', 'most_a_day', 'most'],
            fn (Node $node, string $id): Learner => $this->learner($node, $id, $slots, $vehicles),
        );
        $week = new YardWeek($slots, $instructors, $vehicles, $students);
        $fixed = $this->fixed($root, $week);
        $faults->stopIfAny($name);

        return new YardWeek($slots, $instructors, $vehicles, $students, $fixed);
    }

    /** @return array<string, Slot> by id, in order of time */
    private function slots(Node $root): array
    {
        $slots = $this->each($root, 'slots', ['id', 'from', 'minutes'], function (Node $node, string $id): Slot {
            $said = $node->string('from');
            $from = 0;
            if (preg_match('/^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)$/D', $said, $is) === 1
                && checkdate((int) $is[2], (int) $is[3], (int) $is[1]) && (int) $is[4] < 24 && (int) $is[5] < 60) {
                $from = intdiv(
                    (int) gmmktime((int) $is[4], (int) $is[5], 0, (int) $is[2], (int) $is[3], (int) $is[1]), 60,
                );
            } elseif ($said !== '') {
                $node->child('from')->fault(
                    sprintf('"%s" is no time; write it as 2026-12-01T08:00, by the clock of the school', $said),
                );
            }

            return new Slot($id, $from, $node->intOr('minutes', 5, 600, self::USUAL_MINUTES), $said);
        });
        uasort($slots, static fn (Slot $a, Slot $b): int => [$a->from, $a->id] <=> [$b->from, $b->id]);

        return $slots;
    }

    /**
     * @param  array<string, Slot>  $slots
     * @param  array<string, Helper>  $vehicles
     */
    private function learner(Node $node, string $id, array $slots, array $vehicles): Learner
    {
        $chance = $this->share($node, 'chance', self::USUAL_CHANCE);
        $exam = $node->stringOr('exam_on', '');
        $day = null;
        if ($exam !== '') {
            if (preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $exam, $is) === 1
                && checkdate((int) $is[2], (int) $is[3], (int) $is[1])) {
                $day = intdiv((int) gmmktime(0, 0, 0, (int) $is[2], (int) $is[3], (int) $is[1]), 86_400);
            } else {
                $node->child('exam_on')->fault(sprintf('"%s" is no day; write it as 2026-12-04', $exam));
            }
        }

        return new Learner(
            $id, $chance, $this->share($node, 'gain', self::USUAL_GAIN * (1.0 - $chance)), $day,
            $this->ids($node, 'vehicles', $vehicles, 'vehicle'), $this->ids($node, 'free', $slots, 'slot'),
            $node->intOr('most_a_day', 1, 10, 1), $node->intOr('most', 0, 50, 3),
        );
    }

    private function share(Node $node, string $key, float $usual): float
    {
        if (! $node->has($key)) {
            return $usual;
        }
        $value = $node->child($key)->raw();
        if ((! is_float($value) && ! is_int($value)) || $value < 0 || $value > 1) {
            $node->child($key)->fault('asks for a share from 0 to 1, as 0.6');

            return $usual;
        }

        return (float) $value;
    }

    /**
     * @template T
     *
     * @param  list<string>  $keys
     * @param  callable(Node, string): T  $make
     * @return array<string, T> by id
     */
    private function each(Node $root, string $key, array $keys, callable $make): array
    {
        $made = [];
        foreach ($root->nodesOr($key) as $node) {
            $node->only(...$keys);
            $id = $node->string('id');
            if (isset($made[$id])) {
                $node->child('id')->fault(sprintf('"%s" is listed twice; leave one of them out', $id));
            }
            $made[$id] = $make($node, $id);
        }

        return $made;
    }

    /**
     * @param  array<string, mixed>  $known
     * @return array<string, true>|null null where the list is left out: all
     */
    private function ids(Node $node, string $key, array $known, string $what): ?array
    {
        if (! $node->has($key)) {
            return null;
        }
        $ids = [];
        foreach ($node->strings($key) as $n => $id) {
            if (! isset($known[$id])) {
                $node->child($key)->fault(sprintf('number %d, "%s", is no %s of this week', $n + 1, $id, $what));
            }
            $ids[$id] = true;
        }

        return $ids;
    }

    /** @return list<PlannedWalk> */
    private function fixed(Node $root, YardWeek $week): array
    {
        $board = new Board($week);
        $fixed = [];
        foreach ($root->nodesOr('fixed') as $node) {
            $node->only('slot', 'student', 'vehicle', 'instructor');
            $slot = $week->slots[$node->string('slot')] ?? null;
            $student = $week->learners[$node->string('student')] ?? null;
            $vehicle = $node->string('vehicle');
            $instructor = $week->instructors[$node->string('instructor')] ?? null;
            if ($slot === null || $student === null || $instructor === null || ! isset($week->vehicles[$vehicle])) {
                $node->fault('names a slot, student, vehicle or instructor that is not of this week');

                continue;
            }
            $hinders = $board->hinders($student, $slot, $vehicle);
            $teacher = $instructor->isFree($slot) && $instructor->teaches($vehicle);
            foreach ($fixed as $other) {
                $teacher = $teacher && ! ($other->instructor === $instructor->id
                    && $week->slots[$other->slot]->overlaps($slot));
            }
            if ($hinders !== null || ! $teacher) {
                $node->fault(
                    'cannot be: '.($hinders ?? 'the instructor is not there, is taken, or may not teach this'),
                );

                continue;
            }
            $walk = new PlannedWalk($slot->id, $student->id, $vehicle, $instructor->id, isFixed: true);
            $board->put($walk);
            $fixed[] = $walk;
        }

        return $fixed;
    }
}
