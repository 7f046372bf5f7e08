<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Brakes\TestKind;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Rules\BrakeRules;
use Pasada\Core\Checklist\Rules\TugSequence;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Document\Node;

/** Finds rules of the brake tests that cannot be kept together. */
final readonly class BrakeContradictions
{
    /** No gauge and no stopwatch of the brake tests shows more. */
    private const MOST = 200;

    private const MOST_RPM = 3000;

    /** A minute that may be half as long is none. */
    private const MOST_SLACK_SECONDS = 15;

    /** @param  list<Section>  $sections */
    public function __construct(private array $sections) {}

    public function fault(BrakeRules $rules, Node $node): void
    {
        $asked = $this->asked($rules->section);
        $steps = array_map(static fn (StepChoice $step): BrakeTest => $step->test, $rules->steps);
        foreach ($node->nodesOr('steps') as $n => $entry) {
            self::limits($rules->steps[$n], $entry);
        }
        if (count($steps) !== count(array_unique(array_column($steps, 'value')))) {
            $node->child('steps')->fault('names a test twice');
        }
        $this->tugs($rules->tug, $asked, $node->child('tug'), 'asked at its stop');
        $this->tugs(
            $rules->tug,
            array_values(
                array_filter(
                    array_map(static fn (BrakeTest $test): ?string => $test->component(), $steps),
                    is_string(...),
                ),
            ),
            $node->child('tug'),
            'listed in "steps"',
        );
        if ($steps === []) {
            return;
        }
        $this->order($asked, $steps, $node->nodesOr('steps'));
        foreach ($asked as $component) {
            $tests = BrakeTest::scoredAs($component);
            if (
                $tests !== [] &&
                array_filter($tests, static fn (BrakeTest $test): bool => in_array($test, $steps, true)) === []
            ) {
                $node
                    ->child('steps')
                    ->fault(
                        sprintf(
                            'leaves out "%s", which is asked as "%s"; add it, or do not ask it',
                            $tests[0]->value,
                            $component,
                        ),
                    );
            }
        }
        if ($rules->restartFrom !== null && ! in_array($rules->restartFrom, $steps, true)) {
            $node->child('restart_from')->fault(sprintf('"%s" is none of the steps', $rules->restartFrom->value));
        }
    }

    private static function limits(StepChoice $step, Node $node): void
    {
        $ranges = [
            'low high' => $step->limits,
            'single_low single_high' => $step->singleLimits,
            'build_from_psi build_to_psi' => $step->timedPsi,
        ];
        $values = [
            'from_psi' => [$step->fromPsi, self::MOST],
            'slack_seconds' => [$step->slackSeconds, self::MOST_SLACK_SECONDS],
            'least_rpm' => [$step->leastRpm, self::MOST_RPM],
        ];
        foreach ($ranges as $keys => $limits) {
            [$low, $high] = explode(' ', $keys);
            $values += [$low => [$limits->low, self::MOST], $high => [$limits->high, self::MOST]];
            if ($limits->low !== null && $limits->high !== null && $limits->low > $limits->high) {
                $node->child($low)->fault('is above '.$high);
            }
        }
        foreach ($values as $key => [$value, $most]) {
            if ($value !== null && ($value < 0 || $value > $most)) {
                $node->child($key)->fault(sprintf('must lie between 0 and %d', $most));
            }
        }
    }

    /** @return list<string> the components that a section asks, in order */
    private function asked(string $id): array
    {
        $asked = [];
        foreach ($this->sections as $section) {
            foreach ($section->id === $id ? $section->stops : [] as $stop) {
                array_push(
                    $asked,
                    ...array_map(static fn (Component $component): string => $component->id, $stop->asks),
                );
            }
        }

        return $asked;
    }

    /** @param  list<string>  $components  in order */
    private function tugs(TugSequence $rule, array $components, Node $node, string $where): void
    {
        $tugs = array_keys(array_intersect($components, BrakeTest::componentsOf(TestKind::Tug)));
        $leaks = array_keys(array_intersect($components, BrakeTest::componentsOf(TestKind::Leak)));
        if ($tugs === [] || $leaks === []) {
            return;
        }
        if (
            ($rule === TugSequence::BeforeLeak && max($tugs) > min($leaks)) ||
            ($rule === TugSequence::AfterLeak && min($tugs) < max($leaks))
        ) {
            $node->fault(
                sprintf('is "%s", but the tests are %s in another order; bring them into one', $rule->value, $where),
            );
        }
    }

    /**
     * @param  list<string>  $asked
     * @param  list<BrakeTest>  $steps
     * @param  list<Node>  $nodes  of the steps
     */
    private function order(array $asked, array $steps, array $nodes): void
    {
        $at = array_flip($asked);
        $latest = null;
        foreach ($steps as $n => $step) {
            $place = $at[$step->component() ?? ''] ?? null;
            if ($place === null) {
                continue;
            }
            if ($latest !== null && $place < $latest[0]) {
                $nodes[$n]->fault(
                    sprintf(
                        'comes after "%s" here and before it where it is asked; bring both into one order',
                        $latest[1]->value,
                    ),
                );
            }
            $latest = $latest === null || $place > $latest[0] ? [$place, $step] : $latest;
        }
    }
}
