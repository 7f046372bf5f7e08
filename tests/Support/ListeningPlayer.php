<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The same by touch with the listener along: its proposals of a caption are taken where they are right, one by one or
 * all of a place, and mended on the tile where they are not.
 */
final class ListeningPlayer
{
    /** Stands in for the browser's recognizer: what it hears is told to it. */
    private const EAR = <<<'JS'
        window.SpeechRecognition = window.webkitSpeechRecognition = class {
            start() { window.ear = this; }
            stop() {}
        };
        window.asked = 0;
        const plain = window.fetch;
        window.fetch = (...given) => {
            const url = String(given[0]?.url ?? given[0]);
            if (!url.endsWith('/heard')) return plain(...given);
            window.asked++;
            // Counted as answered once the page shows it and somebody could have read it.
            return plain(...given).finally(() => setTimeout(() => window.asked--, 600));
        };
        JS;

    private int $spoken = 0;

    public function __construct(
        private readonly Browser $browser, private readonly SpokenWalk $walk, private readonly WalkPlayer $hand,
    ) {}

    public function play(): void
    {
        $this->browser->run(self::EAR);
        $this->browser->click('[data-test=tools]')->click('[data-test=listen-live]')->click('[data-test=microphone]');
        $this->browser->until('return window.ear !== undefined', 'Nobody listens.');
        $count = count($this->walk->said);
        for ($n = 0; $n < $count; $n += $together) {
            $this->speak($this->walk->said[$n]['at']);
            $isLooked = $this->hand->goTo($n);
            $together = $this->together($n);
            if ($isLooked) {
                $together = 1;
                $this->hand->touch($this->walk->said[$n]['item'], $this->walk->said[$n]['said'], true);
                $this->hand->backFromLooking();
            } else {
                $this->takeWhatIsRight(array_slice($this->walk->said, $n, $together));
            }
        }
    }

    /** Captions that began by then are told, and their proposals waited for. */
    private function speak(float $until): void
    {
        for (; isset($this->walk->cues[$this->spoken]); $this->spoken++) {
            $cue = $this->walk->cues[$this->spoken];
            if ($cue['from'] >= $until) {
                return;
            }
            $this->browser->run(
                'window.ear.onresult({ resultIndex: 0, results: [{ isFinal: true, 0: { transcript: arguments[0] } '.
                    '}] })',
                [$cue['text']],
            );
            $this->browser->until('return window.asked === 0', 'What was heard is not answered.');
        }
    }

    /** How many from here on belong to what was just spoken, at this place. */
    private function together(int $n): int
    {
        $spokenTo = $this->walk->cues[$this->spoken]['from'] ?? INF;
        $place = $this->walk->items[$this->walk->said[$n]['item']]['place'];
        $count = 0;
        while (
            isset($this->walk->said[$n + $count]) &&
            $this->walk->said[$n + $count]['at'] <= $spokenTo &&
            $this->walk->items[$this->walk->said[$n + $count]['item']]['place'] === $place
        ) {
            $count++;
        }

        return max(1, $count);
    }

    /** @param  list<array{at: float, item: string, said: list<string>}>  $group */
    private function takeWhatIsRight(array $group): void
    {
        $proposed = $this->proposed();
        $truth = array_column($group, 'said', 'item');
        $wrong = array_diff_key($proposed, $truth);
        $right = array_intersect_key($proposed, $truth);
        // All at once costs one touch, and one for every part that was not said; else one a part, or strokes alone.
        $mends = $alone = 0;
        foreach ($right as $item => $points) {
            $mend = $this->hand->strokes($item, $points, $truth[$item]);
            $mends += $mend;
            $alone += min(1 + $mend, max(1, $this->hand->strokes($item, [], $truth[$item])));
        }
        $takesAll = count($proposed) > 1 && 1 + count($wrong) + $mends < $alone;
        if ($takesAll) {
            $this->hand->tap('[data-test=confirm-here]');
            array_map(fn (string $item) => $this->hand->tap("[data-chip='$item identified']"), array_keys($wrong));
        }
        foreach ($truth as $item => $said) {
            // Words that came meanwhile may have changed what is proposed.
            $points = $takesAll ? null : $this->proposed()[$item] ?? null;
            if ($points !== null) {
                $alone = max(1, $this->hand->strokes($item, [], $said));
                if ($alone <= 1 + $this->hand->strokes($item, $points, $said) && $points !== $said) {
                    $this->hand->strokeOver($item, $said);

                    continue;
                }
                $this->hand->tap("[data-item='$item'] .text");
            }
            $stands = $this->standing($item);
            if ($stands === null) {
                $this->hand->touch($item, $said, false);
            } else {
                $this->hand->mend($item, $stands, $said);
            }
        }
    }

    /** @return list<string>|null points that stand as said on the tile; null where it was not even named */
    private function standing(string $item): ?array
    {
        /** @var list<string> $codes */
        $codes = $this->browser->run(
            'return [...document.querySelectorAll(arguments[0])].map((chip) => chip.dataset.chip.split(" ")[1])',
            ["[data-item='$item'] .chip.on"],
        );

        return $codes === [] ? null : array_values(array_diff($codes, ['identified']));
    }

    /** @return array<string, list<string>> points by item, at the place that is shown */
    private function proposed(): array
    {
        /** @var array<string, list<string>> $proposed */
        $proposed = $this->browser->run(<<<'JS'
            return Object.fromEntries([...document.querySelectorAll('.tile.faint')].map((tile) => [
                tile.dataset.item,
                [...tile.querySelectorAll('.chip.heard')]
                    .map((chip) => chip.dataset.chip.split(' ')[1])
                    .filter((code) => code !== 'identified'),
            ]));
            JS);

        return $proposed;
    }
}
