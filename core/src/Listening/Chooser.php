<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Language\Alternative;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;

/** Picks, of several readings of a piece of speech, the one that says most about trucks for how likely it is. */
final readonly class Chooser
{
    /** What a reading that is e times as likely is worth, in sounds of names and statements. */
    private const LIKELY = 2.5;

    public function __construct(private Spotter $spotter) {}

    /** @return Transcript the same with one reading of each piece */
    public function choose(Transcript $transcript): Transcript
    {
        return new Transcript(
            array_map(
                fn (Cue $cue): Cue => $cue->alternatives === []
                    ? $cue
                    : new Cue($cue->from, $this->best($cue->alternatives)),
                $transcript->cues,
            ),
            $transcript->warnings,
        );
    }

    /** @param  non-empty-list<Alternative>  $alternatives */
    private function best(array $alternatives): string
    {
        $values = array_map(
            fn (Alternative $one): float => self::LIKELY * log($one->weight)
                + $this->spotter->worth(Words::of(new Transcript([new Cue(0.0, $one->text)]))),
            $alternatives,
        );

        return $alternatives[(int) array_search(max($values), $values, true)]->text;
    }
}
