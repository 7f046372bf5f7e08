<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Closure;

/**
 * Decides together what every name of a walk is (spoken of, one of a list, in passing) and of what every statement is
 * said: the best of many ways to understand the whole, of which the likeliest few are followed at each word.
 */
final readonly class Decoder
{
    /** Ways followed at once. */
    private const WIDTH = 6;

    /**
     * How much the sum of all that a clue can be taken for counts against each: 0 is no balance, 1 makes chances of
     * them. Of 0, 0.25, 0.5 and 1, four seeds each, 0.25 did best on the twelve walks and the four apart together.
     */
    private const EVENS = 0.25;

    /** Words that a statement waits for its name. */
    private const WAITS = 30;

    /** From this share on it is the speaker's way. */
    private const HABITUAL = 0.3;

    public Options $options;

    public Steps $steps;

    public function __construct(public WalkClues $walk, private Weights $weights)
    {
        $this->options = new Options($walk);
        $this->steps = new Steps($walk, $this->options);
    }

    /**
     * The best way to understand it all. Who states first and names then does so from the first word on, which shows
     * only later: such a walk is gone through once more.
     *
     * @param  Closure(int, Role|Target, list<int>, Subject): float|null  $reward  what a step is worth besides its
     *   score, where the truth is known: by clue, what it is taken for, the names it is said of
     */
    public function best(?Closure $reward = null): Subject
    {
        $best = $this->through(new Subject(), $reward);
        $habit = self::habit($best);
        if ($habit < self::HABITUAL) {
            return $best;
        }
        $start = new Subject();
        $start->habit = $habit;

        return $this->through($start, $reward);
    }

    /** Share of the statements that stood before their name. */
    private static function habit(Subject $best): float
    {
        $said = $ahead = 0;
        foreach ($best->path() as $step) {
            $said += $step->as instanceof Target && $step->as !== Target::Nothing ? 1 : 0;
            $ahead += $step->as === Target::Next ? 1 : 0;
        }

        return $ahead / max(1, $said);
    }

    /** @param  Closure(int, Role|Target, list<int>, Subject): float|null  $reward */
    private function through(Subject $start, ?Closure $reward): Subject
    {
        $beam = [$start];
        foreach ($this->walk->clues as $c => $clue) {
            $options = $scores = $still = [];
            foreach ($beam as $n => $subject) {
                $subject = $beam[$n] = $this->withoutStale($subject, $clue);
                $own = [];
                foreach ($this->options->of($subject, $c) as [$as, $signs]) {
                    $score = $still[$as->value] ??= $this->weights->alone($as->value)
                        + $this->weights->score($as->value, $this->options->ofWords($c, $as));
                    foreach ($signs as $group => $some) {
                        $score += $this->weights->score($group, $some);
                    }
                    $own[] = $score;
                    $options[] = [$subject, $as];
                }
                $usual = self::usual($own);
                foreach ($own as $score) {
                    $scores[] = $subject->score + $score - $usual;
                }
            }
            if ($reward !== null) {
                foreach ($options as $n => [$subject, $as]) {
                    $scores[$n] += $reward($c, $as, $this->steps->with($as, $subject, $clue), $subject);
                }
            }
            arsort($scores);
            $next = [];
            foreach ($scores as $n => $score) {
                [$subject, $as] = $options[$n];
                $after = $this->steps->take($subject, $c, $as);
                $after->score = $score;
                if ($reward !== null) {
                    $this->steps->keep($after, $clue);
                }
                $key = $after->key();
                if (! isset($next[$key])) {
                    $next[$key] = $after;
                    if (count($next) === self::WIDTH) {
                        break;
                    }
                }
            }
            $beam = $next === [] ? $beam : array_values($next);
        }
        usort($beam, static fn (Subject $a, Subject $b): int => $b->score <=> $a->score);

        return $beam[0];
    }

    /**
     * Where much can be said of a clue, the best of it is worth less: a list is not to win over its last name because
     * statements fit it in more ways.
     *
     * @param  list<float>  $scores
     */
    private static function usual(array $scores): float
    {
        if ($scores === []) {
            return 0.0;
        }
        $most = max($scores);

        return self::EVENS
            * ($most + log(array_sum(array_map(static fn (float $one): float => exp($one - $most), $scores))));
    }

    /** What waits too long for a name was said of nothing. */
    private function withoutStale(Subject $subject, Clue $clue): Subject
    {
        $first = $subject->waiting[0] ?? null;
        if ($first === null || $clue->from - $this->walk->clues[$first]->to <= self::WAITS) {
            return $subject;
        }
        $after = clone $subject;
        $after->score += $this->weights->alone('stale') * count($subject->waiting);
        $after->waiting = [];

        return $after;
    }
}
