<?php

declare(strict_types=1);

namespace App\Speech;

use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Speech\SpokenForm;
use Symfony\Component\Process\Process;

/** The words to say, spoken by a synthetic voice (espeak-ng), so that a student who is alone hears them once. */
final readonly class ModelVoice
{
    /** What is spoken at once: some minutes. */
    public const MOST_ITEMS = 25;

    private const SECONDS = 20;

    /** Words a minute: slower than espeak-ng's own 175, to be said along. */
    private const SPEED = '145';

    public function __construct(private Coach $coach) {}

    /**
     * @return string WAV
     *
     * @throws NoSound if the voice is not there
     */
    public function of(Inspection $inspection): string
    {
        $sentences = [];
        foreach ($inspection->items as $item) {
            foreach (SpokenForm::of($this->coach->sentence($item, $item->points)) as $clause) {
                $sentences[] = implode(' ', $clause);
            }
        }
        // A clause on a line of its own is followed by a pause. Read from the pipe, never from the command line.
        $program = new Process(
            ['espeak-ng', '-v', 'en-us', '-s', self::SPEED, '--stdout', '--stdin'],
            input: implode(".\n", $sentences).".\n", timeout: self::SECONDS,
        );

        return Program::run($program);
    }
}
