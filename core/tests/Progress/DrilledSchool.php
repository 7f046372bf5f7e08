<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\History\PastStudent;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A made-up school whose students can be drilled, so that the true gain of a drill is known. */
final class DrilledSchool
{
    /** Logit to which a part rises that was just practiced until it was said whole. */
    private const KNOWN = 2.9;

    private const TRIALS = 400;

    private readonly SimulatedSchool $school;

    private readonly Randomizer $by;

    public function __construct(private readonly Inspection $inspection, Law $law, int $seed)
    {
        $this->school = new SimulatedSchool($inspection, $law, $seed);
        $this->by = new Randomizer(new Mt19937($seed + 1000));
    }

    /** @return list<array{PastStudent, list<float>}> with the true logit of each item on the day of the exam */
    public function students(int $count): array
    {
        $students = [];
        foreach ($this->school->students($count, 3, 6) as [$past]) {
            $students[] = [$past, $this->school->logits($past->id)];
        }

        return $students;
    }

    /** @return array<string, list<string>> items that other ways of choosing would drill in the minutes */
    public function others(PastStudent $past, int $minutes): array
    {
        $ids = array_keys($this->inspection->items);
        $lot = $this->by->shuffleArray($ids);
        $missed = array_fill_keys($ids, 0);
        foreach ($past->attempts as $attempt) {
            foreach ($attempt->earned as $id => $earned) {
                $missed[$id] += $earned < 1000 ? 1 : 0;
            }
        }
        arsort($missed);

        return [
            'by lot' => self::within($lot, $minutes), 'most missed' => self::within(array_keys($missed), $minutes),
        ];
    }

    /**
     * @param  list<string>  $items
     * @return list<string> the first that fit; a brake test takes three minutes as in the plan
     */
    private static function within(array $items, int $minutes): array
    {
        $taken = [];
        foreach ($items as $id) {
            $takes = str_starts_with($id, 'test.') ? 3 : 1;
            if ($takes <= $minutes) {
                $taken[] = $id;
                $minutes -= $takes;
            }
        }

        return $taken;
    }

    /**
     * @param  list<float>  $logits
     * @param  list<string>  $items
     */
    public function gain(array $logits, array $items): float
    {
        $numbers = array_flip(array_keys($this->inspection->items));
        $after = $logits;
        foreach ($items as $id) {
            $after[$numbers[$id]] = max($after[$numbers[$id]], self::KNOWN);
        }
        // The same luck for both, so that the difference is that of the drill.
        $seed = $this->by->getInt(0, 1_000_000);

        return $this->school->chance($after, $seed, self::TRIALS) - $this->school->chance($logits, $seed, self::TRIALS);
    }
}
