<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

/**
 * Scores a spoken walk through the real page as a practiced scorer would, with the fewest touches that the page
 * offers, and counts them: taps, strokes, key presses and chords.
 */
final class WalkPlayer
{
    /** So many items are looked ahead before the student counts as gone on. */
    private const AHEAD = 10;

    /** What a hand needs for one touch, in seconds: it aims while the next words are spoken. */
    private const HAND_SECONDS = 0.35;

    /** Places so near are looked at from place to place; farther ones are found by letters. */
    private const NEAR = 3;

    public int $touches = 0;

    /** @var list<array{at: float, seconds: float, touches: int}> what each item took, in the order spoken */
    private array $took = [];

    private string $place;

    private bool $isOpen = false;

    /** @param  array<string, list<list<string>>>  $halves  by item: what the page offers for a half-said part */
    public function __construct(
        private readonly Browser $browser, private readonly SpokenWalk $walk, private readonly bool $byKeys,
        private readonly array $halves,
    ) {
        $this->place = $walk->places[0];
    }

    public function play(): void
    {
        $count = count($this->walk->said);
        for ($n = 0; $n < $count; $n += $together) {
            $began = hrtime(true);
            $before = $this->touches;
            $one = $this->walk->said[$n];
            $together = $this->together($n);
            $isLooked = $this->goTo($n);
            if ($together > 1) {
                $this->stroke($n, $together);
            } else {
                $this->byKeys
                    ? $this->key($one['item'], $one['said'], $isLooked)
                    : $this->touch($one['item'], $one['said'], $isLooked);
            }
            if ($isLooked) {
                $this->backFromLooking();
            }
            $this->took[] = [
                'at' => $this->walk->said[$n + $together - 1]['at'],
                'seconds' => (hrtime(true) - $began) / 1e9,
                'touches' => $this->touches - $before,
            ];
        }
    }

    /** How far the scorer ever is behind the student, at the speed at which the walk was spoken. */
    public function secondsBehind(): float
    {
        $free = 0.0;
        $worst = 0.0;
        foreach ($this->took as $one) {
            $free = max($free, $one['at']) + max($one['seconds'], self::HAND_SECONDS * $one['touches']);
            $worst = max($worst, $free - $one['at']);
        }

        return $worst;
    }

    private function isWhole(int $n): bool
    {
        $one = $this->walk->said[$n];

        return count($one['said']) === count($this->walk->items[$one['item']]['points']);
    }

    /** How many, from the n-th on, one stroke takes: said whole in one breath, neighbors on the page. */
    private function together(int $n): int
    {
        $ids = array_keys($this->walk->items);
        $count = 0;
        while (
            isset($this->walk->said[$n + $count]) &&
            $this->isWhole($n + $count) &&
            $this->placeOf($n + $count) === $this->placeOf($n) &&
            $this->walk->said[$n + $count]['at'] - $this->walk->said[$n]['at'] < 4.0 &&
            array_search($this->walk->said[$n + $count]['item'], $ids, true)
                === (int) array_search($this->walk->said[$n]['item'], $ids, true) + $count
        ) {
            $count++;
        }

        return $this->byKeys || $this->placeOf($n) !== $this->place && ! $this->hasGone($n) ? 1 : max(1, $count);
    }

    private function placeOf(int $n): string
    {
        return $this->walk->items[$this->walk->said[$n]['item']]['place'];
    }

    /** Whether the student left for good, as far as the next minute tells. */
    private function hasGone(int $n): bool
    {
        $count = count($this->walk->said);
        for ($k = $n; $k < min($n + self::AHEAD, $count); $k++) {
            if ($this->placeOf($k) === $this->place) {
                return false;
            }
        }

        return true;
    }

    /** @return bool whether the place is only looked at */
    public function goTo(int $n): bool
    {
        $place = $this->placeOf($n);
        if ($place === $this->place) {
            return false;
        }
        $next = $this->walk->places[(int) array_search($this->place, $this->walk->places, true) + 1] ?? null;
        if ($this->hasGone($n)) {
            if ($place === $next) {
                $this->act(
                    fn () => $this->byKeys ? $this->browser->press('.') : $this->browser->touch('[data-test=next]'),
                );
            } else {
                $this->act(fn () => $this->browser->lookAt($place));
                $this->act(fn () => $this->browser->click('[data-test=student-here]'));
            }
            $this->place = $place;
            $this->isOpen = false;
            $this->browser->gone('[data-test=student-here]');

            return false;
        }
        if (! $this->byKeys) {
            $this->act(fn () => $this->browser->lookAt($place));
            $this->isOpen = false;
        }

        return true;
    }

    public function backFromLooking(): void
    {
        if ($this->browser->count('[data-test=back-to-student]') === 0) {
            return;
        }
        // Closing the points ends the look, too; it is the same one touch.
        $this->act(
            fn () => $this->byKeys
                ? $this->browser->press(WebDriverKeys::ESCAPE)
                : $this->browser->click('[data-test=back-to-student]'),
        );
        $this->isOpen = false;
        $this->browser->gone('[data-test=back-to-student]');
    }

    /** The thumb strokes down the marks of neighbors. */
    private function stroke(int $n, int $together): void
    {
        $rails = [];
        for ($k = $n; $k < $n + $together; $k++) {
            $rails[] = $this->tile($this->walk->said[$k]['item']).' .rail';
        }
        $this->act(fn () => $this->browser->touch(...$rails));
    }

    /** @param  list<string>  $said */
    public function touch(string $item, array $said, bool $isLooked): void
    {
        $points = $this->walk->items[$item]['points'];
        $missing = array_values(array_diff($points, $said));
        $saidRuns = self::runs($points, $said);
        $missingRuns = self::runs($points, $missing);
        // What is marked whole ends the look, so that nothing of it can be taken back there.
        if ($missing === [] || (! $isLooked && count($missingRuns) + 1 < count($saidRuns))) {
            $this->act(fn () => $this->browser->touch($this->tile($item).' .text'));
            array_map(fn (array $run) => $this->across($item, $run), $missingRuns);
        } else {
            array_map(fn (array $run) => $this->across($item, $run), $saidRuns === [] ? [['identified']] : $saidRuns);
        }
    }

    public function tap(string $css): void
    {
        $this->act(fn () => $this->browser->touch($css));
    }

    /**
     * How many strokes over the points of a part it takes to mark what was said of it, and to mend what stands.
     *
     * @param  list<string>  $stands  nothing of it where it is empty
     * @param  list<string>  $said
     */
    public function strokes(string $item, array $stands, array $said): int
    {
        $points = $this->walk->items[$item]['points'];

        return count(self::runs($points, array_values(array_diff($said, $stands))))
            + count(self::runs($points, array_values(array_diff($stands, $said))));
    }

    /**
     * Marks what was said by strokes alone, whatever is proposed.
     *
     * @param  list<string>  $said
     */
    public function strokeOver(string $item, array $said): void
    {
        $runs = self::runs($this->walk->items[$item]['points'], $said);
        array_map(fn (array $run) => $this->across($item, $run), $runs === [] ? [['identified']] : $runs);
    }

    /**
     * What stands on the tile becomes what was said, by strokes over the points that differ.
     *
     * @param  list<string>  $stands
     * @param  list<string>  $said
     */
    public function mend(string $item, array $stands, array $said): void
    {
        $points = $this->walk->items[$item]['points'];
        foreach ([array_diff($said, $stands), array_diff($stands, $said)] as $differing) {
            array_map(fn (array $run) => $this->across($item, $run), self::runs($points, array_values($differing)));
        }
    }

    /** @param  list<string>  $points  neighbors in the row */
    private function across(string $item, array $points): void
    {
        $this->act(fn () => $this->browser->touch(
            ...array_map(static fn (string $point): string => "[data-chip='$item $point']", $points),
        ));
    }

    /** @param  list<string>  $said */
    private function key(string $item, array $said, bool $isElsewhere): void
    {
        $points = $this->walk->items[$item]['points'];
        $missing = array_values(array_diff($points, $said));
        if ($isElsewhere && ! $this->isNear($item)) {
            $this->find($item, $missing === [] ? null : $said);

            return;
        }
        if ($isElsewhere) {
            $this->lookBeside($item);
        }
        if ($missing === []) {
            $this->act(fn () => $this->browser->tile($this->keyOf($item)));

            return;
        }
        // The guesses are always the same for a part, so a practiced hand knows the first two; the rest takes letters.
        $best = [PHP_INT_MAX, 0, []];
        foreach ($this->halves[$item] ?? [] as $rank => $half) {
            $differs = [...array_diff($half, $said), ...array_diff($said, $half)];
            $presses = max(1, $rank) + count($differs);
            if ($presses < $best[0]) {
                $best = [$presses, $rank, $differs];
            }
        }
        [, $rank, $letters] = $best;
        $this->act(fn () => $this->browser->half($this->keyOf($item), $rank > 0));
        for ($n = 1; $n < $rank; $n++) {
            $this->act(fn () => $this->browser->half($this->keyOf($item)));
        }
        $this->browser->find(".panel[data-of='$item']");
        $this->isOpen = true;
        $this->letters($letters);
    }

    /** @param  list<string>  $points */
    private function letters(array $points): void
    {
        foreach ($points as $point) {
            $letter = $this->browser->run(
                'return document.querySelector(arguments[0]).querySelector("kbd").textContent',
                ["[data-point=$point]"],
            );
            $this->act(fn () => $this->browser->press(is_string($letter) ? $letter : ''));
        }
    }

    private function stepsTo(string $item): int
    {
        $at = static fn (string $place, array $places): int => (int) array_search($place, $places, true);

        return $at($this->walk->items[$item]['place'], $this->walk->places) - $at($this->place, $this->walk->places);
    }

    private function isNear(string $item): bool
    {
        return abs($this->stepsTo($item)) <= self::NEAR;
    }

    /** From place to place with the eyes. */
    private function lookBeside(string $item): void
    {
        $steps = $this->stepsTo($item);
        for ($n = 0; $n < abs($steps); $n++) {
            $this->act(fn () => $this->browser->press($steps > 0 ? WebDriverKeys::PAGE_DOWN : WebDriverKeys::PAGE_UP));
        }
        $this->browser->find($this->tile($item));
        $this->isOpen = false;
    }

    /** @param  list<string>|null  $said  null for all of it */
    private function find(string $item, ?array $said): void
    {
        if ($this->isOpen) {
            $this->act(fn () => $this->browser->press(WebDriverKeys::ESCAPE)->gone('.panel'));
            $this->isOpen = false;
        }
        $name = strtolower($this->walk->items[$item]['name']);
        $words = array_values(array_filter(
            explode(' ', trim((string) preg_replace('/[^a-z0-9]+/', ' ', $name))),
            static fn (string $word): bool => $word !== '',
        ));
        // Of several words a hand types the initials.
        $letters = count($words) > 1
            ? implode('', array_map(static fn (string $word): string => $word[0], $words))
            : implode('', $words);
        foreach (str_split($letters) as $letter) {
            $this->act(fn () => $this->browser->press($letter));
            $first = $this->browser->run(
                'return document.querySelector(".strip .first [data-found]")?.dataset.found ?? ""',
            );
            if ($first === $item) {
                break;
            }
        }
        // The same part of another axle may stand first: the arrow chooses.
        for ($n = 0; $this->browser->count(".strip .first [data-found='$item']") === 0; $n++) {
            if ($n > 8) {
                throw new RuntimeException("The letters of \"$name\" do not find $item.");
            }
            $this->act(fn () => $this->browser->press(WebDriverKeys::ARROW_RIGHT));
        }
        if ($said === null) {
            $this->act(fn () => $this->browser->enter());

            return;
        }
        $this->act(fn () => $this->browser->press(WebDriverKeys::SPACE)->find('.panel'));
        $this->isOpen = true;
        if ($said === []) {
            $this->act(fn () => $this->browser->choose('Named only'));
        }
        $this->letters($said);
    }

    /**
     * @param  list<string>  $row
     * @param  list<string>  $wanted
     * @return list<non-empty-list<string>> neighbors in the row, together
     */
    private static function runs(array $row, array $wanted): array
    {
        $runs = [];
        $run = [];
        foreach ([...$row, null] as $point) {
            if ($point !== null && in_array($point, $wanted, true)) {
                $run[] = $point;
            } elseif ($run !== []) {
                $runs[] = $run;
                $run = [];
            }
        }

        return $runs;
    }

    private function act(callable $act): void
    {
        $act();
        $this->touches++;
    }

    private function tile(string $item): string
    {
        return sprintf('[data-item="%s"]', $item);
    }

    private function keyOf(string $item): string
    {
        return (string) $this->browser->find($this->tile($item))->getAttribute('data-key');
    }
}
