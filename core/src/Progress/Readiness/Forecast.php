<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

use Pasada\Core\Progress\Model\Belief;
use Pasada\Core\Progress\Model\Normal;
use Pasada\Core\Progress\Model\School;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What may come of an examination: the chance to pass for each student that the one at hand may be, averaged over the
 * form of the day. Its spread is what is not known of the student; luck and the day are in the chance itself.
 */
final readonly class Forecast
{
    /** Students that the one at hand may be. */
    private const DRAWS = 48;

    /** Forms of the day and their weights: Gauss-Hermite, three nodes. */
    private const DAYS = [[-1.7320508, 0.1666667], [0.0, 0.6666667], [1.7320508, 0.1666667]];

    private const LITTLE = 1e-6;

    /** @var array<int, float> of every item, as it is expected on the day */
    private array $expected;

    /**
     * @param  array<string, PassRule>  $rules  by form
     * @param  array<string, float>  $weights  how often each form is drawn; they sum to 1
     * @param  array<int, float>  $chances  to pass, one for each draw, over the forms
     * @param  array<string, float>  $byForm
     * @param  array<string, array<int, float>>  $ofMarks  chance of each mark, by form
     * @param  list<array{float, float, float}>  $shares  weight, mean and spread of the share
     * @param  float  $conduct  chance that time and order are kept where they decide
     */
    private function __construct(
        private School $school, private Belief $belief, private array $rules, private array $weights,
        private array $chances, private array $byForm, public array $ofMarks, private array $shares,
        private float $conduct,
    ) {
        $expected = [];
        foreach (array_keys($school->plan->ids) as $i) {
            $expected[] = $this->item($i)[0];
        }
        $this->expected = $expected;
    }

    /**
     * @param  non-empty-array<string, PassRule>  $rules  by form; the empty id where no form is drawn
     * @param  non-empty-array<string, float>  $weights
     * @param  int  $draws  students that the one at hand may be
     * @param  float  $conduct  chance that time and order are kept where they decide
     * @param  float  $strict  how strict the scorer is beside all others, where that is known (logit)
     */
    public static function of(
        School $school, Belief $belief, array $rules, array $weights, int $draws = self::DRAWS, float $strict = 0.0,
        float $conduct = 1.0,
    ): self {
        $plan = $school->plan;
        $random = new Randomizer(new Mt19937(20261126));
        $normal = static fn (): float => Normal::quantile(($random->getInt(0, 999_998) + 1) / 1_000_000);
        $shrink = array_map(static fn (float $var): float => 1.0 / sqrt(1.0 + M_PI / 8.0 * $var), $belief->itemVar);
        $reach = sqrt($belief->levelVar + $school->unknownStrictness());
        $chances = $shares = [];
        $byForm = array_fill_keys(array_keys($rules), 0.0);
        $ofMarks = array_map(
            static fn (PassRule $rule): array => array_fill(0, count($rule->marks), 0.0), $rules,
        );
        for ($draw = 0; $draw < $draws; $draw++) {
            $level = $belief->level + $reach * Normal::quantile(($draw + 0.5) / $draws);
            $place = $component = [];
            foreach ($belief->place as $k => $mean) {
                $place[] = $mean + sqrt($belief->placeVar[$k]) * $normal();
            }
            foreach ($belief->component as $c => $mean) {
                $component[] = $mean + sqrt($belief->componentVar[$c]) * $normal();
            }
            $base = [];
            foreach ($plan->places as $i => $k) {
                $base[] = $school->hardness[$i] - $strict + $level + $place[$k] + $component[$plan->components[$i]]
                    + $belief->item[$i];
            }
            $chance = 0.0;
            foreach (self::DAYS as [$node, $weight]) {
                $form = $school->traits->days * $node;
                $items = [];
                foreach ($base as $i => $logit) {
                    $items[] = 1.0 / (1.0 + exp(-$shrink[$i] * ($logit + $form)));
                }
                foreach ($rules as $id => $rule) {
                    [$passes, $each, $mean, $spread] = $rule->chance($items, $school->half);
                    $chance += $weight * $weights[$id] * $passes;
                    $byForm[$id] += $weight * $passes / $draws;
                    $shares[] = [$weight * $weights[$id] / $draws, $mean, $spread];
                    foreach ($each as $n => $met) {
                        $ofMarks[$id][$n] += $weight * $met / $draws;
                    }
                }
            }
            $chances[] = $chance;
        }
        sort($chances);

        return new self($school, $belief, $rules, $weights, $chances, $byForm, $ofMarks, $shares, $conduct);
    }

    public function chance(): float
    {
        return $this->conduct * $this->school->calibration->of($this->untold());
    }

    /** The chance as the model has it, before it is put right by what came of others. */
    public function untold(): float
    {
        return array_sum($this->chances) / count($this->chances);
    }

    /** @return array<string, float> */
    public function byForm(): array
    {
        return array_map(
            fn (float $one): float => $this->conduct * $this->school->calibration->of($one), $this->byForm,
        );
    }

    /** @return array{float, float} the ends of the interval that holds 80 percent */
    public function interval(): array
    {
        $at = fn (float $share): float => $this->chances[(int) round($share * (count($this->chances) - 1))];
        $calibration = $this->school->calibration;

        $middle = $this->untold();

        return [
            $this->conduct * $calibration->end($middle, min($at(Normal::TAIL), $middle - self::LITTLE)),
            $this->conduct * $calibration->end($middle, max($at(1.0 - Normal::TAIL), $middle + self::LITTLE)),
        ];
    }

    /** @return array{float, float, float} median and ends of the share that is earned on the day, 0 to 1 */
    public function share(): array
    {
        return [$this->shareBelow(0.5), $this->shareBelow(Normal::TAIL), $this->shareBelow(1.0 - Normal::TAIL)];
    }

    private function shareBelow(float $part): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($n = 0; $n < 16; $n++) {
            $middle = ($low + $high) / 2.0;
            $below = 0.0;
            foreach ($this->shares as [$weight, $mean, $spread]) {
                $below += $weight * Normal::below(($middle - $mean) / max(1e-6, $spread));
            }
            [$low, $high] = $below < $part ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2.0;
    }

    /** @return array{float, float, float} chance that an item is earned whole on the day, with its interval */
    public function item(int $i): array
    {
        $mean = $this->school->hardness[$i] + $this->belief->mean($i, $this->school->plan);
        $days = $this->school->traits->days ** 2;
        $variance = $this->belief->variance($i, $this->school->plan);
        $reach = Normal::REACH * sqrt($variance);

        return [
            $this->school->expects($this->belief, $i), Normal::logistic($mean - $reach, $days),
            Normal::logistic($mean + $reach, $days),
        ];
    }

    /**
     * What the chance to pass gains where each item is practiced until it is known.
     *
     * @param  float  $kept  share of what is practiced that is still there on the day
     * @return array<int, float> by item, the largest gain first
     */
    public function gains(float $kept): array
    {
        $pull = [];
        foreach ($this->rules as $id => $rule) {
            foreach ($rule->pull($this->expected, $this->school->half) as $i => $one) {
                $pull[$i] = ($pull[$i] ?? 0.0) + $this->weights[$id] * $one;
            }
        }
        $kept *= $this->conduct * $this->school->calibration->rise($this->untold());
        $gains = [];
        foreach ($pull as $i => $one) {
            $gains[$i] = $kept * $one * (1.0 - $this->expected[$i]);
        }
        arsort($gains);

        return $gains;
    }
}
