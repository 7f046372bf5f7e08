<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\History\PastStudent;
use Pasada\Core\Progress\Model\Normal;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A school that was made up under a known law of learning, so that the true chance of each student is known. */
final class SimulatedSchool
{
    /** Days since 1970 on which the first attempts are. */
    public const FIRST_DAY = 20_700;

    private const TRIALS = 300;

    private Randomizer $by;

    /** @var array<string, list<float>> true logits of each student's items on the day of the exam */
    private array $minds = [];

    /** @var list<array{string, string, string}> place, component and section of each item */
    private array $items = [];

    /** @var list<string> */
    private array $ids = [];

    /** @var list<float> */
    private array $hard = [];

    /** @var array<string, float> */
    private array $strict = [];

    public function __construct(
        private readonly Inspection $inspection, private readonly Law $law, int $seed, int $scorers = 3,
    ) {
        $this->by = new Randomizer(new Mt19937($seed));
        foreach ($inspection->items as $id => $item) {
            $this->ids[] = $id;
            $stop = $inspection->place($item->place)->stop ?? '';
            $this->items[] = [$stop, $item->component, $item->section];
            $this->hard[] = 1.1 * $this->normal();
        }
        for ($n = 0; $n < $scorers; $n++) {
            $this->strict[chr(97 + $n)] = 0.3 * $this->normal();
        }
    }

    /**
     * @return list<array{PastStudent, float, bool, bool, float}> with the true chance, whether the exam and the last
     *   attempt were passed, and the share of the last attempt
     */
    public function students(int $count, int $least = 2, int $most = 10): array
    {
        $made = [];
        for ($n = 0; $n < $count; $n++) {
            $made[] = $this->student(sprintf('s%03d', $n), $this->by->getInt($least, $most));
        }

        return $made;
    }

    /** @return array{PastStudent, float, bool, bool, float} */
    private function student(string $id, int $attempts): array
    {
        $mind = $this->law->mind($this->items, $this->hard, $this->by);
        $day = self::FIRST_DAY + $this->by->getInt(0, 20) + 0.4;
        $past = [];
        $share = 0.0;
        $passed = false;
        for ($n = 0; $n < $attempts; $n++) {
            $scorer = array_keys($this->strict)[$this->by->getInt(0, count($this->strict) - 1)];
            $whole = $this->walk($mind->logits(), 0.4 * $this->normal() - $this->strict[$scorer]);
            [$earned, $share, $passed] = $this->scored($whole);
            $past[] = new PastAttempt($day, $scorer, $earned);
            $mind->practice($this->by);
            $gap = $this->by->getInt(2, 12);
            $day += $gap;
            $mind->rest($gap, $this->by);
        }
        $this->minds[$id] = $mind->logits();
        $trials = 0;
        for ($n = 0; $n < self::TRIALS; $n++) {
            $trials += $this->scored($this->walk($mind->logits(), 0.4 * $this->normal()))[2] ? 1 : 0;
        }
        $isPassed = $this->scored($this->walk($mind->logits(), 0.4 * $this->normal()))[2];

        return [new PastStudent($id, floor($day), $past), $trials / self::TRIALS, $isPassed, $passed, $share];
    }

    /** @return list<float> */
    public function logits(string $student): array
    {
        return $this->minds[$student];
    }

    /**
     * True chance to pass with these logits, by trying; the same seed has the same luck.
     *
     * @param  list<float>  $logits
     */
    public function chance(array $logits, int $seed, int $trials): float
    {
        $before = $this->by;
        $this->by = new Randomizer(new Mt19937($seed));
        $passed = 0;
        for ($n = 0; $n < $trials; $n++) {
            $passed += $this->scored($this->walk($logits, 0.4 * $this->normal()))[2] ? 1 : 0;
        }
        $this->by = $before;

        return $passed / $trials;
    }

    /**
     * @param  list<float>  $logits
     * @return list<bool>
     */
    private function walk(array $logits, float $form): array
    {
        $whole = [];
        foreach ($logits as $logit) {
            $whole[] = $this->by->getInt(0, 999_999) < 1_000_000 / (1.0 + exp(-$logit - $form));
        }

        return $whole;
    }

    /**
     * @param  list<bool>  $whole
     * @return array{array<string, int>, float, bool} earned, share and whether that passes
     */
    private function scored(array $whole): array
    {
        $earned = $sections = [];
        $sum = 0;
        foreach ($this->ids as $i => $id) {
            $one = $whole[$i] ? 1000 : ($this->by->getInt(0, 1) === 0 ? 500 : 0);
            $earned[$id] = $one;
            $sum += $one;
            $sections[$this->items[$i][2]][] = $one;
        }
        $mark = $this->inspection->checklist->rules->pass;
        $share = $sum / (1000 * count($earned));
        $passes = $mark->overallPercent === null || 100 * $share >= $mark->overallPercent;
        foreach ($sections as $section => $all) {
            $percent = $mark->percentOf($section);
            $passes = $passes && ($percent === null || array_sum($all) >= 10 * $percent * count($all));
        }
        $misses = count(array_filter($whole, static fn (bool $one): bool => ! $one));
        $passes = $passes && ($mark->missesAllowed === null || $misses <= $mark->missesAllowed);

        return [$earned, $share, $passes];
    }

    private function normal(): float
    {
        return Normal::quantile(($this->by->getInt(0, 999_998) + 1) / 1_000_000);
    }
}
