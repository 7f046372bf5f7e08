<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** What was said, in order, and what was odd about the file it came from. */
final readonly class Transcript
{
    /**
     * @param  list<Cue>  $cues
     * @param  list<string>  $warnings  sentences for the reader
     */
    public function __construct(public array $cues, public array $warnings = []) {}
}
