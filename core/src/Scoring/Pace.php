<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/**
 * Whether parts were marked faster than anybody speaks: then they were not marked while they were said, and whoever
 * signs the record has to see that.
 *
 * Students reach bursts of three or four parts in two or three seconds, which held up for fifteen seconds is 20 parts.
 * Half as many again leave room for a scorer who was behind and caught up.
 */
final readonly class Pace
{
    public const WINDOW_MS = 15_000;

    public const MOST = 30;

    private function __construct(
        /** The most parts first said within the window. */
        public int $items,
        public int $fromMs,
        public int $toMs,
    ) {}

    /**
     * The fastest stretch. What was told afterwards, waved or carried over has no time of its own and is left out.
     */
    public static function of(ScoreSheet $sheet): self
    {
        $times = [];
        foreach ($sheet->outcomes as $outcome) {
            $hearing = $outcome->hearing;
            if (
                $hearing !== null && $hearing->carriedFrom === null && ! $hearing->afterwards && ! $hearing->notFitted
            ) {
                $times[] = $hearing->firstAtMs;
            }
        }
        sort($times);
        $most = new self(0, 0, 0);
        $from = 0;
        foreach ($times as $to => $time) {
            while ($times[$from] < $time - self::WINDOW_MS) {
                $from++;
            }
            if ($to - $from + 1 > $most->items) {
                $most = new self($to - $from + 1, $times[$from], $time);
            }
        }

        return $most;
    }

    public function isTooFast(): bool
    {
        return $this->items > self::MOST;
    }

    /** "87 items were marked within 14 s, from 0:41 on. Nobody speaks so fast: …" */
    public function said(): string
    {
        return sprintf(
            '%d items were marked within %d s, from %s on. Nobody speaks so fast: they were not marked as they '.
                'were said.',
            $this->items,
            max(1, (int) ceil(($this->toMs - $this->fromMs) / 1000)),
            Said::clock(intdiv($this->fromMs, 1000)),
        );
    }
}
