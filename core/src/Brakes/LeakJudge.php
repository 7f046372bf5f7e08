<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** The leak tests: engine off, key on, valves in, wheels chocked, readings spoken, and a minute that is one. */
final readonly class LeakJudge
{
    private const MINUTE_MS = 60_000;

    /** Time around a reading within which it has to be said. */
    private const SPOKEN_WITHIN_MS = 12_000;

    public function __construct(private bool $combination) {}

    public function judge(Run $run, StepRule $rule): StepVerdict
    {
        $applied = $rule->test === BrakeTest::LeakApplied;
        foreach (array_keys($run->all(EventKind::MinuteStarted)) as $start) {
            if ($run->situationAt($start)->pedalDown === $applied) {
                return $this->minute($run, $rule, $start, $applied);
            }
        }

        return StepVerdict::notDone($rule->test);
    }

    private function minute(Run $run, StepRule $rule, int $start, bool $applied): StepVerdict
    {
        $from = $run->events[$start]->atMs;
        $state = $run->wrongAt($start, $rule) ?? $this->tooLow($run, $rule, $from);
        if ($state !== null) {
            return StepVerdict::broken($rule->test, $from, $state);
        }
        $end = $run->firstAfter($start, EventKind::MinuteEnded);
        $until = $end === null ? PHP_INT_MAX : $run->events[$end]->atMs;
        $disturbed = $this->disturbed($run, $start, $end ?? count($run->events), $applied);
        if ($disturbed !== null) {
            return StepVerdict::broken($rule->test, $from, $disturbed);
        }
        if ($end === null) {
            return StepVerdict::notYet($rule->test, $from, 'the minute is running');
        }

        return $this->measured($run, $rule, $start, $until);
    }

    private function measured(Run $run, StepRule $rule, int $start, int $until): StepVerdict
    {
        $from = $run->events[$start]->atMs;
        $seconds = ($until - $from) / 1000;
        $before = ($rule->countsFirstDrop ? $this->unpressed($run, $start) : null) ?? $run->pressureAt($from);
        $after = $run->pressureAt($until);
        if ($before === null || $after === null) {
            return StepVerdict::broken($rule->test, $from, sprintf('no reading was taken at the %s of the minute', $before === null ? 'start' : 'end'));
        }
        if ($until - $from < self::MINUTE_MS - $rule->slackSeconds * 1000) {
            return StepVerdict::broken($rule->test, $from, sprintf('the minute was cut to %s s', Plain::of($seconds)), ['seconds' => $seconds]);
        }
        $lost = max(0.0, $before->lostTo($after));
        $figures = ['lost_psi' => round($lost, 2), 'seconds' => $seconds, 'allowed_psi' => (float) $rule->high];
        $what = sprintf('lost %s psi in %s s, %s allowed for a %s', Plain::of($lost), Plain::of($seconds), Plain::of((float) $rule->high), $this->combination ? 'combination' : 'single vehicle');
        // Over the time really waited; a hundredth of a psi is beyond any gauge.
        if ($lost * 60 > (float) $rule->high * $seconds + 0.01) {
            return StepVerdict::broken($rule->test, $from, $what, $figures);
        }
        foreach ([[Spoken::StartReading, $from], [Spoken::EndReading, $until]] as [$spoken, $at]) {
            if (in_array($spoken, $rule->say, true) && ! $run->said($spoken, $at - self::SPOKEN_WITHIN_MS, $at + self::SPOKEN_WITHIN_MS)) {
                return StepVerdict::broken($rule->test, $from, 'did not say '.$spoken->label(), $figures);
            }
        }

        return StepVerdict::met($rule->test, $from, $what, $figures);
    }

    private function tooLow(Run $run, StepRule $rule, int $from): ?string
    {
        $at = $run->pressureAt($from);

        return $rule->fromPsi === null || $at === null || $at->lower() >= $rule->fromPsi ? null
            : sprintf('begun at %s psi, at least %s asked', Plain::of($at->lower()), Plain::of($rule->fromPsi));
    }

    /** What the gauges showed last before the pedal went down for this minute. */
    private function unpressed(Run $run, int $start): ?Pressure
    {
        $pressed = array_filter($run->all(EventKind::Pedal), static fn (BrakeEvent $event, int $n): bool => $n < $start && $event->to === 'down', ARRAY_FILTER_USE_BOTH);

        return $pressed === [] ? null : $run->pressureBefore(array_key_last($pressed));
    }

    private function disturbed(Run $run, int $start, int $end, bool $applied): ?string
    {
        for ($n = $start + 1; $n < $end; $n++) {
            $event = $run->events[$n];
            $why = match (true) {
                $event->kind === EventKind::Pedal && $applied && $event->to === 'up' => 'the pedal was let up within the minute',
                $event->kind === EventKind::Pedal && ! $applied && $event->to === 'down' => 'the pedal was pressed within the minute',
                $event->kind === EventKind::Engine && $event->to === 'on' => 'the engine was started within the minute',
                in_array($event->kind, [EventKind::TractorValve, EventKind::TrailerValve], true) && $event->to === 'out' => 'a valve was pulled within the minute',
                default => null,
            };
            if ($why !== null) {
                return $why;
            }
        }

        return null;
    }
}
