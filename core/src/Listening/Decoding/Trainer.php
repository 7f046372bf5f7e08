<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Listening\Walking\Placed;

/**
 * Learns the weights from walks of which it is known what was said: an averaged perceptron. After every walk the weights
 * move from what the listener understood to the best it could have understood. Same walks in the same order, same weights.
 */
final class Trainer
{
    /** How much what is true counts against what is likely, when the best that could be understood is looked for. */
    private const HOPE = 6.0;

    /** A point that is known already is worth little. */
    private const AGAIN = 0.1;

    /** @var array<string, float> */
    private array $sum = [];

    private int $steps = 0;

    /** @param  array<string, float>  $weights  to begin with */
    public function __construct(private array $weights, private readonly float $rate = 0.02) {}

    /**
     * @param  list<Clue>  $clues
     * @param  list<Placed>  $placed
     * @param  array<string, list<string>>  $truth  point codes by component@axle
     * @param  array<int, true>  $aside
     */
    public function learn(Ground $ground, array $clues, array $placed, array $truth, array $aside): void
    {
        $decoder = new Decoder($ground, $clues, $placed, new Weights($this->weights), $aside);
        $hoped = $decoder->best(
            fn (int $c, Role|Target $as, array $with, Subject $subject): float => self::HOPE * $this->worth(
                $decoder, $clues, $placed, $truth, $c, $as, $with, $subject,
            ),
        );
        foreach ($hoped->path() as $step) {
            if ($step->from !== null) {
                $this->step($decoder->options($step->from, $step->clue, $clues[$step->clue]), $step->as);
            }
        }
        foreach ($this->weights as $sign => $weight) {
            $this->sum[$sign] = ($this->sum[$sign] ?? 0.0) + $weight;
        }
        $this->steps++;
    }

    public function weights(): Weights
    {
        return new Weights(
            array_map(fn (float $sum): float => round($sum / max(1, $this->steps), 4), $this->sum),
        );
    }

    /**
     * @param  list<Clue>  $clues
     * @param  list<Placed>  $placed
     * @param  array<string, list<string>>  $truth
     * @param  list<int>  $with
     */
    private function worth(
        Decoder $decoder, array $clues, array $placed, array $truth, int $c, Role|Target $as, array $with,
        Subject $subject,
    ): float {
        $worth = 0.0;
        foreach ($decoder->pairs($as, $with, $c, $clues[$c]) as [$clue, $name]) {
            $point = $decoder->fit($clue, $name)->point?->value;
            if ($point !== null) {
                $key = $placed[$name]->key();
                $worth += match (true) {
                    ! in_array($point, $truth[$key] ?? [], true) => -1.0,
                    isset($subject->given[$key.$point]) => self::AGAIN,
                    default => 1.0,
                };
            }
        }

        return $worth;
    }

    /**
     * One step of logistic regression: what was right becomes likelier than the rest.
     *
     * @param  list<array{Role|Target, array<string, float>}>  $options
     */
    private function step(array $options, Role|Target|null $right): void
    {
        $weights = new Weights($this->weights);
        $scores = array_map(static fn (array $option): float => $weights->score($option[1]), $options);
        $highest = max($scores);
        $odds = array_map(static fn (float $score): float => exp($score - $highest), $scores);
        $all = array_sum($odds);
        foreach ($options as $n => [$as, $signs]) {
            $by = $this->rate * (($as === $right ? 1.0 : 0.0) - $odds[$n] / $all);
            foreach ($signs as $sign => $value) {
                $this->weights[$sign] = ($this->weights[$sign] ?? 0.0) + $by * $value;
            }
        }
    }
}
