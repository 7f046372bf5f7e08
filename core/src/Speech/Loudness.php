<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

/**
 * How loud a sound is from moment to moment, and where it pauses. A pause is told against the sound's own quiet and its
 * own speech, so that neither a running engine nor a microphone far away needs a setting.
 */
final readonly class Loudness
{
    /** Samples a second of what recognizers hear; each is two bytes, the lower first. */
    public const RATE = 16000;

    public const FRAME_MS = 10;

    private const FRAME = self::RATE * self::FRAME_MS / 1000;

    /** Every fourth sample tells the loudness as well as all of them. */
    private const STEP = 4;

    /** What is this often louder than the quiet, or this part of the speech, is speech. */
    private const ABOVE_QUIET = 3.0;

    private const OF_SPEECH = 0.06;

    /** Below this nothing can be heard: the noise of a good microphone in a silent room, of 32768. */
    private const SILENT = 12.0;

    /** Frames without speech that part two utterances, and that are left on both sides of one. */
    private const PAUSE = 25;

    private const MARGIN = 15;

    /** Frames of the longest utterance, and where the quietest of the last frames is looked for to cut a longer one. */
    private const LONGEST = 2000;

    private const CUT_WITHIN = 500;

    /** @param  list<float>  $frames  root mean square of each frame, 0 to 32768 */
    private function __construct(public array $frames) {}

    /** @param  iterable<string>  $pieces  sound of 16 kHz, mono, 16 bit; each piece of whole frames but the last */
    public static function of(iterable $pieces): self
    {
        $frames = [];
        $length = 2 * self::FRAME;
        foreach ($pieces as $piece) {
            for ($at = 0; $at + $length <= strlen($piece); $at += $length) {
                $sum = 0;
                /** @var array<int, int> $samples of a frame, from 1 on */
                $samples = unpack('v'.self::FRAME, $piece, $at);
                for ($n = 1; $n <= self::FRAME; $n += self::STEP) {
                    $sample = $samples[$n] > 32767 ? $samples[$n] - 65536 : $samples[$n];
                    $sum += $sample * $sample;
                }
                $frames[] = sqrt($sum * self::STEP / self::FRAME);
            }
        }

        return new self($frames);
    }

    /**
     * Where somebody speaks.
     *
     * @return list<array{int, int}> first millisecond and the one after the last, at most 20 s apart; none of them
     *   overlap; empty if nothing can be heard
     */
    public function utterances(): array
    {
        $least = $this->leastOfSpeech();
        $found = [];
        [$start, $last] = [null, 0];
        foreach ($this->frames as $at => $loud) {
            if ($loud > $least) {
                $start ??= $at;
                $last = $at;
            }
            if ($start === null) {
                continue;
            }
            if ($at - $last >= self::PAUSE) {
                $found[] = [$start, $last + 1];
                $start = null;
            } elseif ($at - $start >= self::LONGEST - 2 * self::MARGIN) {
                $cut = $this->quietestBefore($at);
                $found[] = [$start, $cut];
                $start = $last >= $cut ? $cut : null;
            }
        }
        if ($start !== null) {
            $found[] = [$start, $last + 1];
        }

        return $this->withMargins($found);
    }

    /**
     * @param  positive-int  $columns
     * @return list<float> the loudest of each stretch of the sound, 0 to 1; as many as asked, or one for each frame
     */
    public function strip(int $columns): array
    {
        $count = count($this->frames);
        $strip = [];
        for ($n = 0; $n < min($columns, $count); $n++) {
            $from = intdiv($n * $count, min($columns, $count));
            $to = max($from + 1, intdiv(($n + 1) * $count, min($columns, $count)));
            $strip[] = round(max([0.0, ...array_slice($this->frames, $from, $to - $from)]) / 32768, 3);
        }

        return $strip;
    }

    public function lastsMs(): int
    {
        return count($this->frames) * self::FRAME_MS;
    }

    private function leastOfSpeech(): float
    {
        if ($this->frames === []) {
            return 0.0;
        }
        $sorted = $this->frames;
        sort($sorted);
        $at = static fn (float $share): float => $sorted[(int) ($share * (count($sorted) - 1))];

        // A quiet that is nearly as loud as the speech (an engine) must not swallow it.
        return max(self::SILENT, min(self::ABOVE_QUIET * $at(0.05), 0.5 * $at(0.9)), self::OF_SPEECH * $at(0.9));
    }

    private function quietestBefore(int $at): int
    {
        $frames = array_slice($this->frames, $at - self::CUT_WITHIN, self::CUT_WITHIN, true);

        asort($frames);

        return (int) array_key_first($frames);
    }

    /**
     * @param  list<array{int, int}>  $found  frames
     * @return list<array{int, int}> milliseconds
     */
    private function withMargins(array $found): array
    {
        $wide = [];
        foreach ($found as $n => [$from, $to]) {
            $before = $found[$n - 1][1] ?? 0;
            $after = $found[$n + 1][0] ?? count($this->frames);
            $wide[] = [
                self::FRAME_MS * max($from - self::MARGIN, intdiv($before + $from, 2)),
                self::FRAME_MS * min($to + self::MARGIN, intdiv($to + $after, 2)),
            ];
        }

        return $wide;
    }
}
