<?php

declare(strict_types=1);

namespace App\Speech;

use Symfony\Component\Process\Process;

/** Makes of any sound file what recognizers hear: WAV of 16 kHz, mono, 16 bit. */
final readonly class SoundFile
{
    private const MOST_HOURS = 3;

    private const SECONDS_OF_WORK = 300;

    /**
     * @return string path of a file that whoever asked takes away
     *
     * @throws NoSound if there is nothing to hear in it
     */
    public function forHearing(string $path): string
    {
        $name = basename($path);
        if (! is_file($path)) {
            throw NoSound::missing($name);
        }
        $length = new Process(['soxi', '-D', $path]);
        if ($length->run() !== 0 || (float) $length->getOutput() <= 0.0) {
            throw NoSound::unreadable($name);
        }
        if ((float) $length->getOutput() > self::MOST_HOURS * 3600) {
            throw NoSound::tooLong($name, self::MOST_HOURS);
        }
        $made = sys_get_temp_dir().'/pasada-sound-'.bin2hex(random_bytes(8)).'.wav';
        $sox = new Process(['sox', $path, '-r', '16000', '-c', '1', '-b', '16', $made], timeout: self::SECONDS_OF_WORK);
        if ($sox->run() !== 0) {
            throw NoSound::unreadable($name);
        }

        return $made;
    }
}
