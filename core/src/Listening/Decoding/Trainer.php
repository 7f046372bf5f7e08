<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

/**
 * Learns the weights from walks of which it is known what was said. By the weights that it begins with it finds the
 * likeliest way to understand each walk that agrees with the truth; then logistic regression makes every step of those
 * ways likelier than what else could have been taken. Same walks in the same order, same weights.
 */
final class Trainer
{
    /** How much a point that is true counts against what is likely, when the way that agrees is looked for. */
    private const HOPE = 10.0;

    /** A point that is known already is worth little. */
    private const AGAIN = 0.1;

    /** Pull of every weight to zero at each step, as a share of it. */
    private const DECAY = 0.000_001;

    /** @var list<array{list<array<string, float>>, int}> the signs of all that could have been taken, and which was */
    private array $steps = [];

    /** @param  array<string, float>  $weights  to begin with */
    public function __construct(private array $weights) {}

    public function take(WalkClues $walk, Told $told): void
    {
        $decoder = new Decoder($walk, new Weights($this->weights));
        $hoped = $decoder->best(
            fn (int $c, Role|Target $as, array $with, Subject $subject): float => self::HOPE
                * $this->worth($decoder, $told, $c, $as, $with, $subject),
        );
        foreach ($hoped->path() as $step) {
            if ($step->from === null) {
                continue;
            }
            $options = $decoder->options->of($step->from, $step->clue);
            $right = array_search($step->as, array_column($options, 0), true);
            if (count($options) > 1 && is_int($right)) {
                $this->steps[] = [
                    array_map(
                        static fn (array $option): array => self::named(
                            $option[0], $decoder->options->ofWords($step->clue, $option[0]), $option[1],
                        ),
                        $options,
                    ),
                    $right,
                ];
            }
        }
    }

    /**
     * @param  array<string, float>  $words
     * @param  array<string, array<string, float>>  $groups
     * @return array<string, float> by the names of the weights
     */
    private static function named(Role|Target $as, array $words, array $groups): array
    {
        $named = [$as->value.' ' => 1.0];
        $groups[$as->value] = [...$words, ...$groups[$as->value] ?? []];
        foreach ($groups as $group => $signs) {
            foreach ($signs as $sign => $value) {
                if ($value !== 0.0) {
                    $named["$group $sign"] = $value;
                }
            }
        }

        return $named;
    }

    /**
     * Takes in whether something was so; learnt as how likely it is by its signs.
     *
     * @param  array<string, float>  $signs
     */
    public function judge(string $group, array $signs, bool $isSo): void
    {
        $named = [$group => 1.0];
        foreach ($signs as $sign => $value) {
            $named["$group $sign"] = $value;
        }
        $this->steps[] = [[$named, []], $isSo ? 0 : 1];
    }

    /** @param  callable(int): int  $chance  a number from 0 up to one less than that given */
    public function learn(int $rounds, float $rate, callable $chance): Weights
    {
        $sum = [];
        $count = count($this->steps);
        for ($round = 0; $round < $rounds; $round++) {
            $pace = $rate / (1 + $round);
            for ($n = 0; $n < $count; $n++) {
                [$options, $right] = $this->steps[$chance($count)];
                $this->step($options, $right, $pace);
            }
            // The first round only finds the way.
            foreach ($round > 0 || $rounds === 1 ? $this->weights : [] as $sign => $weight) {
                $sum[$sign] = ($sum[$sign] ?? 0.0) + $weight;
            }
        }

        return new Weights(
            array_map(static fn (float $all): float => round($all / max(1, $rounds - 1), 4), $sum),
        );
    }

    /** @param  list<int>  $with */
    private function worth(
        Decoder $decoder, Told $told, int $c, Role|Target $as, array $with, Subject $subject,
    ): float {
        $worth = 0.0;
        foreach ($decoder->steps->pairs($as, $with, $c, $decoder->walk->clues[$c]) as [$clue, $name]) {
            $point = $decoder->options->fit($clue, $name)->point?->value;
            if ($point !== null) {
                $key = $decoder->walk->placed[$name]->key();
                $worth += match (true) {
                    ! $told->isSo($key, $point, $decoder->walk->clues[$clue]->from) => -1.0,
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
     * @param  list<array<string, float>>  $options
     */
    private function step(array $options, int $right, float $pace): void
    {
        $scores = [];
        foreach ($options as $n => $signs) {
            $scores[$n] = 0.0;
            foreach ($signs as $sign => $value) {
                $scores[$n] += ($this->weights[$sign] ?? 0.0) * $value;
            }
        }
        $highest = $scores === [] ? 0.0 : max($scores);
        $odds = array_map(static fn (float $score): float => exp($score - $highest), $scores);
        $all = array_sum($odds);
        foreach ($options as $n => $signs) {
            $by = $pace * (($n === $right ? 1.0 : 0.0) - $odds[$n] / $all);
            foreach ($signs as $sign => $value) {
                $this->weights[$sign] = ($this->weights[$sign] ?? 0.0) * (1 - self::DECAY) + $by * $value;
            }
        }
    }
}
