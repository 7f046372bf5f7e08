<?php

declare(strict_types=1);

namespace Tests\Support;

/** Plays the recorded fast walk through the real interface and counts what the scorer has to do for it. */
final class FastWalk
{
    /** Taps, strokes and key presses so far. */
    public int $actions = 0;

    /** @var array<string, string> state that each item should show: by item id */
    public array $expected = [];

    /**
     * @param  list<array{
     *    at_ms: int, do: string, place?: string, item?: string, items?: list<string>, heard?: string,
     * }> $steps
     */
    private function __construct(private readonly Browser $browser, public readonly array $steps) {}

    public static function on(Browser $browser): self
    {
        /**
         * @var array{steps: list<array{
         *     at_ms: int, do: string, place?: string, item?: string, items?: list<string>, heard?: string,
         * }>} $walk
         */
        $walk = json_decode((string) file_get_contents(__DIR__.'/fast-walk.json'), true);

        return new self($browser, $walk['steps']);
    }

    public function items(): int
    {
        return count($this->expected);
    }

    /** @param  int  $to  up to this step, from the one after the last that was played */
    public function byTouch(int $from = 0, int $to = PHP_INT_MAX): void
    {
        foreach (array_slice($this->steps, $from, $to - $from) as $step) {
            match ($step['do']) {
                'move' => $this->act(fn () => $this->browser->touch('[data-test=next]')),
                'whole' => $this->act(fn () => $this->browser->touch($this->tile($step['item'] ?? '').' .text')),
                // A function of the light check, called and shown everywhere.
                'call' => $this->act(fn () => $this->browser->touch($this->light($step['item'] ?? ''))),
                // The thumb strokes down the marks of neighbors.
                'burst' => $this->act(
                    fn () => $this->browser->touch(
                        ...array_map(fn (string $item): string => $this->tile($item).' .rail', $step['items'] ?? []),
                    ),
                ),
                'part' => $this->act(
                    fn () => $this->browser->touch(
                        sprintf("[data-chip='%s %s']", $step['item'] ?? '', $step['heard'] ?? ''),
                    ),
                ),
                default => null,
            };
            $this->expect($step);
        }
    }

    public function byKeys(int $from = 0, int $to = PHP_INT_MAX): void
    {
        foreach (array_slice($this->steps, $from, $to - $from) as $step) {
            match ($step['do']) {
                'move' => $this->act(fn () => $this->browser->press('.')),
                'whole' => $this->act(fn () => $this->browser->tile($this->key($step['item'] ?? ''))),
                'call' => $this->act(fn () => $this->browser->tile($this->keyOfLight($step['item'] ?? ''))),
                'burst' => array_map(
                    fn (string $item) => $this->act(fn () => $this->browser->tile($this->key($item))),
                    $step['items'] ?? [],
                ),
                // As it is usually half said.
                'part' => $this->act(fn () => $this->half($step['item'] ?? '')),
                default => null,
            };
            $this->expect($step);
        }
    }

    private function half(string $item): void
    {
        $this->browser->half($this->key($item))->find('.panel');
    }

    /** @param  array{do: string, item?: string, items?: list<string>}  $step */
    private function expect(array $step): void
    {
        foreach ($step['items'] ?? (isset($step['item']) ? [$step['item']] : []) as $item) {
            $this->expected[$item] = $step['do'] === 'part' ? 'partial' : 'whole';
        }
    }

    private function act(callable $act): void
    {
        $act();
        $this->actions++;
    }

    private function tile(string $item): string
    {
        return sprintf('[data-item="%s"]', $item);
    }

    private function light(string $item): string
    {
        return sprintf('[data-function="%s"]', explode('@', $item)[1] ?? '');
    }

    private function keyOfLight(string $item): string
    {
        return $this->browser->find($this->light($item).' kbd')->getText();
    }

    private function key(string $item): string
    {
        return (string) $this->browser->find($this->tile($item))->getAttribute('data-key');
    }
}
