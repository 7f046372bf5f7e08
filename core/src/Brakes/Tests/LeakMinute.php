<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Outcome;
use Pasada\Core\Brakes\Judging\Question;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;

/**
 * What both leak tests share: engine off, key on, valves in, wheels chocked, readings spoken, and a minute that is one.
 */
final readonly class LeakMinute
{
    /** Of Procedure::settings(). */
    public const SETTINGS = ['high' => 'psi', 'single_high' => 'psi', 'from_psi' => 'psi', 'slack_seconds' => 's'];

    private const MINUTE_MS = 60_000;

    /** Time around a reading within which it has to be said. */
    private const SPOKEN_WITHIN_MS = 12_000;

    public function __construct(private bool $combination, private bool $isApplied) {}

    public static function rule(BrakeTest $test, float $allowedPsi): StepRule
    {
        $needs = [StateNeed::EngineOff, StateNeed::KeyOn, StateNeed::ValvesIn, StateNeed::Chocked];

        return new StepRule($test, Limits::atMost($allowedPsi), $needs, [Spoken::StartReading, Spoken::EndReading]);
    }

    public function judge(Run $run, StepRule $rule): StepVerdict
    {
        $starts = array_keys($run->all(EventKind::MinuteStarted));
        foreach ($starts as $start) {
            if ($run->situationAt($start)->pedalDown === $this->isApplied) {
                return $this->minute($run, $rule, $start);
            }
        }
        $why = $this->isApplied ? 'the minute ran without the pedal' : 'the minute ran with the pedal down';

        return $starts === []
            ? StepVerdict::notDone($rule->test)
            : StepVerdict::notDone($rule->test, 'not done: '.$why, $why);
    }

    private function minute(Run $run, StepRule $rule, int $start): StepVerdict
    {
        $from = $run->events[$start]->atMs;
        $pressed = $this->isApplied ? $run->lastBefore($start, EventKind::Pedal) ?? $start : $start;
        $state = $run->wrongAt($start, $rule);
        if ($state !== null) {
            return StepVerdict::broken($rule->test, $from, $state);
        }
        $low = $this->tooLow($run, $rule, $pressed, $from);
        if ($low !== null) {
            return $low;
        }
        $end = $run->firstAfter($start, EventKind::MinuteEnded);
        $disturbed = $this->disturbed($run, $rule, $start, $end ?? count($run->events));
        if ($disturbed !== null) {
            return StepVerdict::broken($rule->test, $from, $disturbed);
        }
        if ($end === null) {
            return StepVerdict::notYet($rule->test, $from, 'the minute is running', 'the minute was not finished');
        }
        if ($run->events[$end]->atMs - $from < self::MINUTE_MS - $rule->slackSeconds * 1000) {
            $seconds = ($run->events[$end]->atMs - $from) / 1000;
            $what = sprintf('the minute was cut to %s s', ShortNumber::of($seconds));

            return StepVerdict::broken($rule->test, $from, $what, ['seconds' => $seconds]);
        }

        return $this->withReadings(
            $run,
            $rule,
            $from,
            $run->events[$end]->atMs,
            $this->measured($run, $rule, $start, $end, $pressed),
        );
    }

    private function measured(Run $run, StepRule $rule, int $start, int $end, int $pressed): StepVerdict
    {
        [$from, $until] = [$run->events[$start]->atMs, $run->events[$end]->atMs];
        // What the gauges showed before the pedal is no reading of the minute, and what they show once something is
        // touched again none of its end.
        $before =
            ($rule->countsFirstDrop ? $run->gauges->before($pressed) : null) ??
            ($run->gauges->at($from, $this->isApplied ? $pressed : 0) ??
                $run->said->pressure(Spoken::StartReading, $from));
        $after =
            $run->gauges->at($until, $pressed, $run->nextTouch($end)) ??
            $run->said->pressure(Spoken::EndReading, $until);
        if ($before === null || $after === null) {
            [$atMs, $which] = $before === null ? [$from, 'start'] : [$until, 'end'];

            return StepVerdict::notJudged(
                $rule->test,
                $atMs,
                Question::reading("what did the gauges show at the $which of the minute?", $atMs),
            );
        }
        $seconds = ($until - $from) / 1000;
        $allowed = $rule->limits->highest();
        // In thousandths of a psi, so that exactly the limit is met. A minute within its tolerance is a minute.
        $lost = max(0, (int) round(1000 * $before->lostTo($after)));
        $isRight = $lost * self::MINUTE_MS <= (int) round(1000 * $allowed) * max(self::MINUTE_MS, $until - $from);
        $what = sprintf(
            'lost %s psi in %s s, %s allowed for a %s',
            ShortNumber::of($lost / 1000),
            ShortNumber::of($seconds),
            ShortNumber::of($allowed),
            $this->combination ? 'combination' : 'single vehicle',
        );
        $figures = ['lost_psi' => round($lost / 1000, 2), 'seconds' => $seconds, 'allowed_psi' => $allowed];

        return StepVerdict::measured($isRight, $rule->test, $from, $what, $figures);
    }

    /** The readings have to be spoken where the gauges show them; for a while after the end they still can be. */
    private function withReadings(Run $run, StepRule $rule, int $from, int $until, StepVerdict $verdict): StepVerdict
    {
        if ($verdict->outcome === Outcome::NotJudged) {
            return $verdict;
        }
        foreach ([[Spoken::StartReading, $from], [Spoken::EndReading, $until]] as [$spoken, $at]) {
            if (
                $rule->mustSay($spoken) &&
                ! $run->said->includes($spoken, $at - self::SPOKEN_WITHIN_MS, $at + self::SPOKEN_WITHIN_MS)
            ) {
                $isOpen = $run->lastMs() <= $at + self::SPOKEN_WITHIN_MS;

                return $isOpen && $verdict->outcome === Outcome::Met
                    ? $verdict->stillToSay($spoken)
                    : $verdict->brokenBy('did not say '.$spoken->label());
            }
        }

        return $verdict;
    }

    /**
     * By what was read before the pedal took its share; where nothing was, what is left can only prove that it was
     * enough.
     */
    private function tooLow(Run $run, StepRule $rule, int $pressed, int $from): ?StepVerdict
    {
        $at = $run->gauges->before($pressed);
        if ($rule->fromPsi === null || ($at ?? $run->gauges->at($from))?->lower() >= $rule->fromPsi) {
            return null;
        }
        if ($at === null) {
            return StepVerdict::notJudged(
                $rule->test,
                $from,
                Question::reading('what did the gauges show before the minute was begun?', $from),
            );
        }
        $what = sprintf(
            'begun at %s psi, at least %s asked',
            ShortNumber::of($at->lower()),
            ShortNumber::of($rule->fromPsi),
        );

        return StepVerdict::broken($rule->test, $from, $what);
    }

    private function disturbed(Run $run, StepRule $rule, int $start, int $end): ?string
    {
        for ($n = $start + 1; $n < $end; $n++) {
            $event = $run->events[$n];
            $why = match (true) {
                $event->kind === EventKind::Pedal && $this->isApplied && $event->to === 'up' => 'the pedal was let '.
                    'up within the minute',
                $event->kind === EventKind::Pedal && ! $this->isApplied && $event->to === 'down' => 'the pedal was '.
                    'pressed within the minute',
                $event->kind === EventKind::Engine && $event->to === 'on' => 'the engine was started within the minute',
                $event->kind->isParkingValve() && $event->to === 'out' => 'a valve was pulled within the minute',
                $event->kind === EventKind::Chocks && $event->to === 'out' => 'the chocks were taken out within the '.
                    'minute',
                $event->kind === EventKind::Key && $event->to === 'off' => 'the key was turned off within the minute',
                default => $run->wrongAt($n + 1, $rule),
            };
            if ($why !== null) {
                return $why;
            }
        }

        return null;
    }
}
