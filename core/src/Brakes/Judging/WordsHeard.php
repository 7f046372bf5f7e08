<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\NumberGrammar;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;

/**
 * What the words spoken during the tests mean for them: that the area is clear, a reading at the start or the end of
 * the minute, the limit of a test. Figures are read as on the walk, so captions may write them in any shape.
 */
final readonly class WordsHeard
{
    /** A reading said so soon after the minute began is the one at its start. */
    private const EARLY_MS = 30_000;

    /** Highest figure that can be a pressure in a cab; more is a slip of the captions. */
    private const HIGHEST_PSI = 150.0;

    /** Before a figure: that it bounds something. */
    private const BINDS_BEFORE = '/\b(should|must|has to|have to|needs? to|supposed|allow\w*|limits?|may|can|cannot|'.
        'maximum|minimum|max|min|most|least|within|between|range|under|below|above|over|exceed\w*|up to|tops?|ceiling|'.
        'floor|(less|more|lower|higher|later|longer) than|equal to)\b[^.]*$/';

    /** Behind it, likewise. */
    private const BINDS_AFTER = '/^((is|are|was|would be) )?((the|a|my|our|its) )?((absolute|upper|lower|legal) )?'.
        '(limit|max\w*|min\w*|most|least|allow\w*|tops?|ceiling|floor|at (the )?(most|least|worst|latest)|'.
        'or (less|under|below|fewer|more|above|better|higher|over|sooner|earlier)|'.
        'and (up|above|under|below|no more))\b/';

    /** That nobody and nothing is in the way. */
    private const CLEAR = '/\b(area|everything|everybody|everyone|path|way|all|zone|around|front)\b.*\bclear\b|'.
        '\bclear\b.*\b(area|around|ahead|behind|way)\b|'.
        '\b(nobody|no one)\b.*\b(around|near|way|front|behind)\b/';

    public function __construct(private bool $combination) {}

    /**
     * @param  list<BrakeEvent>  $events  in order
     * @return list<BrakeEvent> the same, with what spoken words mean behind them
     */
    public function in(array $events): array
    {
        $all = [];
        $startedMs = null;
        $isOver = false;
        $minutes = LeakMinutes::of($events);
        foreach ($events as $event) {
            $all[] = $event;
            if ($event->kind === EventKind::MinuteStarted || $event->kind === EventKind::Restarted) {
                [$startedMs, $isOver] = [$event->kind === EventKind::Restarted ? null : $event->atMs, false];
            } elseif ($event->kind === EventKind::MinuteEnded) {
                $isOver = true;
            } elseif ($event->kind === EventKind::Spoken) {
                $isLate = $isOver || ($startedMs !== null && $event->atMs - $startedMs > self::EARLY_MS);
                array_push($all, ...$this->meant($event, $isLate, $minutes->around($event->atMs)));
            }
        }

        return $all;
    }

    /** @return list<BrakeEvent> */
    private function meant(BrakeEvent $spoken, bool $isLate, ?BrakeTest $leak): array
    {
        $words = Words::of(new Transcript([new Cue(0.0, $spoken->text)]));
        $text = implode(' ', $words->text);
        $meant = [];
        if (preg_match(self::CLEAR, $text) === 1 && preg_match('/\bnot (all )?clear\b/', $text) !== 1) {
            $meant[] = $this->said($spoken, Spoken::AreaClear);
        }
        foreach ((new NumberGrammar)->find($words) as $quantity) {
            array_push($meant, ...$this->figure($spoken, $words, $quantity, $isLate, $leak));
        }

        return $meant;
    }

    /** @return list<BrakeEvent> */
    private function figure(BrakeEvent $spoken, Words $words, Quantity $quantity, bool $isLate, ?BrakeTest $leak): array
    {
        $next = implode(' ', array_slice($words->text, $quantity->to, 6));
        $isTime = $quantity->unit === QuantityUnit::Seconds;
        if (
            ! in_array($quantity->unit, [QuantityUnit::Psi, QuantityUnit::None, QuantityUnit::Seconds], true) ||
            $quantity->value > self::HIGHEST_PSI ||
            preg_match('/^((full|whole|entire) )?(minutes?|miles|mph|valves?|times?|knobs?|buttons?)\b/', $next) === 1
        ) {
            return [];
        }
        $before = implode(' ', array_slice($words->text, 0, $quantity->from));
        $isLimit = $quantity->high !== null || Bound::around($words, $quantity) !== Bound::Plain
            || preg_match(self::BINDS_BEFORE, $before) === 1 || preg_match(self::BINDS_AFTER, $next) === 1;
        $test = $isTime ? BrakeTest::BuildUp : $this->subject($words, $quantity);
        if ($isLimit) {
            return $this->limits($spoken, $quantity, $test ?? $leak, $isTime, $next);
        }
        if ($isTime || ! in_array($test, [null, BrakeTest::LeakApplied, BrakeTest::LeakReleased], true)) {
            return [];
        }
        $which = match (true) {
            preg_match('/\b(start\w*|begin\w*|initial)\b/', $before) === 1 => Spoken::StartReading,
            preg_match('/\b(end\w*|finish\w*|final|lost|minute is up|after)\b/', $before) === 1 => Spoken::EndReading,
            default => $isLate ? Spoken::EndReading : Spoken::StartReading,
        };

        // What was lost is no reading of a gauge, though it tells that one was taken.
        return [
            $this->said($spoken, $which, preg_match('/\blos(e|t|ing)\b/', $before) === 1 ? null : $quantity->value),
        ];
    }

    /** @return list<BrakeEvent> */
    private function limits(BrakeEvent $spoken, Quantity $quantity, ?BrakeTest $test, bool $isTime, string $next): array
    {
        // The figure for the other kind of vehicle is knowledge, not a limit of this one.
        $isOther =
            preg_match(
                '/^([a-z]+ ){0,3}'.($this->combination ? '(single|straight)' : '(combination|trailer)').'\b/',
                $next,
            ) === 1;
        if ($test === null || $isOther || $isTime !== ($test === BrakeTest::BuildUp)) {
            return [];
        }

        return array_map(
            fn (float $limit): BrakeEvent => $this->said($spoken, Spoken::Limit, $limit, $test),
            $quantity->high === null ? [$quantity->value] : [$quantity->value, $quantity->high],
        );
    }

    /**
     * The test whose words stand nearest to a figure, before it rather than behind; of two in one place the one of more
     * words.
     */
    private function subject(Words $words, Quantity $quantity): ?BrakeTest
    {
        $before = implode(' ', array_slice($words->text, 0, $quantity->from));
        $after = implode(' ', array_slice($words->text, $quantity->to, 12));

        return $this->nearest($before, isBefore: true) ?? $this->nearest($after, isBefore: false);
    }

    private function nearest(string $text, bool $isBefore): ?BrakeTest
    {
        $found = [];
        foreach (BrakeTest::cases() as $test) {
            $pattern = $test->procedure()->spokenOf();
            if ($pattern !== null && preg_match_all($pattern, $text, $matches, PREG_OFFSET_CAPTURE) > 0) {
                [$match, $at] = $isBefore ? $matches[0][count($matches[0]) - 1] : $matches[0][0];
                $found[] = [$isBefore ? strlen($text) - $at - strlen($match) : $at, -strlen($match), $test];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return $found[0][2] ?? null;
    }

    private function said(BrakeEvent $spoken, Spoken $what, ?float $value = null, ?BrakeTest $test = null): BrakeEvent
    {
        return new BrakeEvent($spoken->atMs, EventKind::Said, $what->value, $value, null, $test);
    }
}
