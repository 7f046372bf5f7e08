<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** Words as they stand in the captions. */
final readonly class Excerpt
{
    /**
     * @param  int  $from  index of the first word
     * @param  int  $to  index after the last word
     */
    public static function of(Transcript $transcript, Words $words, int $from, int $to): string
    {
        $pieces = [];
        $firstCue = $words->cue[$from];
        $lastCue = $words->cue[$to - 1];
        for ($cue = $firstCue; $cue <= $lastCue; $cue++) {
            $text = $transcript->cues[$cue]->text;
            $begin = $cue === $firstCue ? $words->place[$from][0] : 0;
            $end = $cue === $lastCue ? $words->place[$to - 1][0] + $words->place[$to - 1][1] : strlen($text);
            $pieces[] = trim((string) preg_replace('/\s+/', ' ', substr($text, $begin, $end - $begin)));
        }

        return implode(' ', $pieces);
    }
}
