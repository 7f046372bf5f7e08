<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Practice;

use Pasada\Core\Progress\Readiness\Drill;

/**
 * Spreads drills over the days until an examination: each session takes what adds most per minute to what will still be
 * known on the day. What was practiced once fades and comes back before it is gone; every time it stays longer.
 *
 * Spacing: N. Cepeda and others, "Distributed practice in verbal recall tasks", Psychological Bulletin 132 (2006). Days
 * after the first practice and the growth by each are usual values of that literature, not measured here.
 */
final readonly class PracticePlan
{
    /** Days in which what was practiced once fades to a third; each practice doubles them. */
    private const FIRST_STAYS = 6.0;

    private const GROWTH = 2.0;

    private const MOST_SESSIONS = 14;

    /** What is practiced longer before the day is mostly gone by then. */
    private const LONGEST_AHEAD = 28.0;

    /** Less than this share of what brings most is not worth the minute. */
    private const LEAST_SHARE = 0.01;

    private float $least;

    /** @param  list<Drill>  $drills  gains of each where it is known on the day */
    public function __construct(private array $drills)
    {
        $gains = array_map(static fn (Drill $drill): float => $drill->perMinute(), $drills);
        $this->least = max(PHP_FLOAT_MIN, self::LEAST_SHARE * ($gains === [] ? 0.0 : max($gains)));
    }

    /**
     * What to practice in so many minutes now.
     *
     * @return list<Drill> the largest gain per minute first
     */
    public function now(float $minutes): array
    {
        $taken = [];
        foreach ($this->drills as $drill) {
            if ($drill->minutes <= $minutes && $drill->perMinute() >= $this->least) {
                $taken[] = $drill;
                $minutes -= $drill->minutes;
            }
        }

        return $taken;
    }

    /**
     * @param  float  $from  day of the first session, in days since 1970
     * @param  float  $exam  day of the examination
     * @return list<Session> in order of the days; none on the day itself
     */
    public function until(float $from, float $exam, float $minutes): array
    {
        $from = max($from, $exam - self::LONGEST_AHEAD);
        $days = max(0, (int) floor($exam - $from));
        $every = max(1, (int) ceil($days / self::MOST_SESSIONS));
        $times = $last = array_fill(0, count($this->drills), 0.0);
        $sessions = [];
        for ($day = $from; $day < $exam; $day += $every) {
            $worth = [];
            foreach ($this->drills as $n => $drill) {
                $stays = self::stays($times[$n] + 1.0, $exam - $day);
                $has = $times[$n] > 0.0 ? self::stays($times[$n], $exam - $last[$n]) : 0.0;
                $worth[$n] = $drill->gain * max(0.0, $stays - $has);
            }
            uksort($worth, fn (int $a, int $b): int => [
                $worth[$b] / $this->drills[$b]->minutes, $a,
            ] <=> [$worth[$a] / $this->drills[$a]->minutes, $b]);
            $left = $minutes;
            $taken = [];
            foreach ($worth as $n => $gain) {
                $drill = $this->drills[$n];
                if ($drill->minutes > $left || $gain < $this->least * $drill->minutes) {
                    continue;
                }
                $left -= $drill->minutes;
                $taken[] = new Drill($drill->item, $drill->minutes, $gain);
                $times[$n]++;
                $last[$n] = $day;
            }
            if ($taken !== []) {
                $sessions[] = new Session($day, $taken);
            }
        }

        return $sessions;
    }

    /** Share that is still there so many days after the last of so many practices. */
    private static function stays(float $times, float $days): float
    {
        return exp(-$days / (self::FIRST_STAYS * self::GROWTH ** ($times - 1.0)));
    }
}
