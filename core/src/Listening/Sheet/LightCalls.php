<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Language\Words;
use Pasada\Core\Lights\LightFunction;
use Pasada\Core\Listening\Account;
use Pasada\Core\Listening\Evidence;

/**
 * The functions of the light check that are called in the cab: "left turn", "my brights", "four ways". The same words
 * are names of dash indicators and of lamps that are looked at later; what they mean is told by where they are said:
 * behind an announcement of the check, or one after the other in a row.
 */
final readonly class LightCalls
{
    /** What each function is called. */
    private const NAMES = [
        'low-beam' => 'low beams?|lows', 'high-beam' => 'high beams?|brights|highs',
        'left-turn' => 'left (?:turn )?(?:signals?|blinkers?)|left turns?|left (?:hand )?side (?:turn )?signals?',
        'right-turn' => 'right (?:turn )?(?:signals?|blinkers?)|right turns?|right (?:hand )?side (?:turn )?signals?',
        'four-way' => '(?:four|4) ways?(?: flashers?)?|hazards?(?: lights?)?|(?:emergency )?flashers',
        'brake' => '(?:brake|stop) (?:lights?|lamps?)',
        'tail' => '(?:tail|running|parking|park) (?:lights?|lamps?)|tails',
        'clearance' => '(?:clearance|identification|i d|id|cab|top) (?:lights?|lamps?)|clearances?',
        'side-markers' => '(?:side )?markers?(?: (?:lights?|lamps?))?',
        'plate' => '(?:license )?plate (?:lights?|lamps?)|tag lights?',
        'reverse' => '(?:reverse|back ?up|backing) (?:lights?|lamps?)|reverse',
    ];

    private const ANNOUNCED = '~\b(?:(?:light|lamp) check|(?:external|outside|exterior) (?:lights?|lamps?)|'.
        'check (?:all |of )*(?:my|the|our) lights|(?:my|a|the) helper|walk around lights|lights? with)\b~';

    /** Behind a name: it is the indicator on the dash that is meant. */
    private const DASH = '(?:indicators?|arrows?|icons?|dash|dashboard|telltales?)';

    private const ON_DASH = '~^(?: \w+){0,2}? '.self::DASH.'\b~';

    /** In a row without an announcement: what is looked at, and not called. */
    private const LOOKED_AT = '~\b(?:lens|lenses|mounted|cracked|broken|clean|dirty|bulbs?|reflectors?)\b~';

    /** Words between an announcement or a call and the next call. */
    private const REACH = 25;

    /** Without an announcement so many functions in a row are a check, with so few words between. */
    private const ROW = 4;

    private const ROW_REACH = 6;

    /** How sure it is that a call was meant: an estimate, not learnt. */
    private const CONFIDENCE = 0.85;

    /** @param  list<array{LightFunction, int, int}>  $calls  function, index of the first word, index after the last */
    private function __construct(private Inspection $inspection, private Account $account, private array $calls) {}

    public static function in(Inspection $inspection, Account $account): self
    {
        $asks = array_filter($inspection->items, static fn (Item $item): bool => $item->light !== null);

        return new self($inspection, $account, $asks === [] ? [] : self::calls($account->words));
    }

    /** @return list<Suggestion> every part of what was called */
    public function suggestions(): array
    {
        $suggestions = [];
        foreach ($this->calls as [$function, $from, $to]) {
            $words = implode(' ', array_slice($this->account->words->text, $from, $to - $from));
            $evidence = new Evidence($this->at($from), $words, $from, $to);
            foreach ($this->inspection->items as $item) {
                if ($item->light?->function === $function) {
                    $suggestions[$item->id] ??= new Suggestion(
                        $item->id, $item->id, implode(', ', array_column($item->points->points(), 'value')),
                        self::CONFIDENCE, [$evidence],
                        $evidence->stamp([['kind' => MarkKind::HeardWhole->value, 'item' => $item->id]]), null,
                    );
                }
            }
        }

        return array_values($suggestions);
    }

    /** Whether a suggestion rests on words that called a function, and on nothing else. */
    public function took(Suggestion $one): bool
    {
        foreach ($one->evidence as $evidence) {
            $isCall = static fn (array $call): bool => $evidence->from < $call[2] && $evidence->to > $call[1];
            // The function and its indicator in one breath: what names the dash stays what it is.
            $words = implode(' ', array_slice(
                $this->account->words->text, $evidence->from, $evidence->to - $evidence->from,
            ));
            if (preg_match('~\b'.self::DASH.'\b~', $words) === 1 || array_filter($this->calls, $isCall) === []) {
                return false;
            }
        }

        return true;
    }

    /** Seconds: as what else was heard there has it. */
    private function at(int $word): float
    {
        $at = [0 => 0.0];
        foreach ([...$this->account->heard, ...$this->account->maybe] as $proposal) {
            foreach ($proposal->evidence as $evidence) {
                $at[$evidence->from] = $evidence->at;
            }
        }
        ksort($at);
        $before = array_filter($at, static fn (int $from): bool => $from <= $word, ARRAY_FILTER_USE_KEY);

        return $before === [] ? 0.0 : end($before);
    }

    /** @return list<array{LightFunction, int, int}> */
    private static function calls(Words $words): array
    {
        $text = implode(' ', $words->text);
        $named = self::named($text);
        $announced = array_column(self::found(self::ANNOUNCED, $text), 1);
        $calls = [];
        foreach (self::rows($named) as $row) {
            $functions = array_unique(array_column(array_column($row, 0), 'value'));
            [$from, $to] = [$row[0][1], $row[count($row) - 1][2]];
            $said = implode(' ', array_slice($words->text, $from, $to - $from + 2));
            if (count($functions) >= self::ROW && preg_match(self::LOOKED_AT, $said) === 0) {
                array_push($calls, ...$row);
            }
        }
        $until = -1;
        foreach ($named as $call) {
            $before = array_filter($announced, static fn (int $end): bool => $end <= $call[1]);
            $last = max([$until, ...$before, -1]);
            if ($last >= 0 && $call[1] - $last <= self::REACH) {
                $calls[] = $call;
                $until = $call[2];
            }
        }
        $once = [];
        foreach ($calls as $call) {
            $once[$call[1]] = $call;
        }
        ksort($once);

        return array_values($once);
    }

    /**
     * Names that follow one another closely.
     *
     * @param  list<array{LightFunction, int, int}>  $named
     * @return list<non-empty-list<array{LightFunction, int, int}>>
     */
    private static function rows(array $named): array
    {
        $rows = [];
        $row = 0;
        foreach ($named as $n => $one) {
            if ($n > 0 && $one[1] - $named[$n - 1][2] > self::ROW_REACH) {
                $row++;
            }
            $rows[$row][] = $one;
        }

        return array_values($rows);
    }

    /** @return list<array{LightFunction, int, int}> in the order of the words; indicators of the dash left out */
    private static function named(string $text): array
    {
        $named = [];
        foreach (self::NAMES as $function => $names) {
            foreach (self::found("~\\b(?:$names)\\b~", $text) as [$from, $to, $end]) {
                if (preg_match(self::ON_DASH, substr($text, $end)) === 0) {
                    $named[] = [LightFunction::from($function), $from, $to];
                }
            }
        }
        usort($named, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $named;
    }

    /** @return list<array{int, int, int}> index of the first word, index after the last, offset after it */
    private static function found(string $pattern, string $text): array
    {
        preg_match_all($pattern, $text, $matches, PREG_OFFSET_CAPTURE);
        $found = [];
        foreach ($matches[0] as [$match, $offset]) {
            $from = substr_count($text, ' ', 0, $offset);
            $found[] = [$from, $from + 1 + substr_count($match, ' '), $offset + strlen($match)];
        }

        return $found;
    }
}
