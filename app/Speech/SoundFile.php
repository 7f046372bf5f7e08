<?php

declare(strict_types=1);

namespace App\Speech;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Makes of any sound file what recognizers hear: WAV of 16 kHz, mono, 16 bit. */
final readonly class SoundFile
{
    private const MOST_HOURS = 3;

    /** Cut there: whoever sends more is told. */
    private const MOST_SECONDS = self::MOST_HOURS * 3600 + 1;

    private const SECONDS_OF_WORK = 300;

    /** @param  string|null  $folder  for what is made; null for the machine's own for such */
    public function __construct(private ?string $folder = null) {}

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
        // Most files say how long they are: nobody waits for hours of sound that are refused.
        if ($this->seconds($path) > self::MOST_SECONDS) {
            throw NoSound::tooLong($name, self::MOST_HOURS);
        }
        $made = $this->place('wav');
        // Sox reads plain sound, ffmpeg what recorders and telephones write; neither asks what a name says it is.
        $commands = [
            ['sox', $path, '-r', '16000', '-c', '1', '-b', '16', $made, 'trim', '0', (string) self::MOST_SECONDS],
            ['ffmpeg', '-v', 'error', '-y', '-i', $path, '-vn', '-ac', '1', '-ar', '16000', '-c:a', 'pcm_s16le',
                '-map_metadata', '-1', '-fflags', '+bitexact', '-flags:a', '+bitexact',
                '-t', (string) self::MOST_SECONDS, $made],
        ];
        foreach ($commands as $command) {
            if (! $this->runs($command) || (int) @filesize($made) <= WaveFile::HEAD_BYTES) {
                continue;
            }
            if (filesize($made) < self::MOST_SECONDS * 1000 * WaveFile::BYTES_OF_MS) {
                return $made;
            }
            @unlink($made);
            throw NoSound::tooLong($name, self::MOST_HOURS);
        }
        @unlink($made);
        throw NoSound::unreadable($name);
    }

    /**
     * The same sound, with the places in it that a player jumps to; what cannot be laid out anew stays as it came.
     *
     * @param  string  $kind  media type
     * @return string path of a file that whoever asked takes away
     */
    public function forPlaying(string $path, string $kind): string
    {
        $ending = str_contains($kind, 'mp4') ? 'mp4' : (str_contains($kind, 'webm') ? 'webm' : null);
        $made = $this->place($ending ?? 'sound');
        $copy = ['ffmpeg', '-v', 'error', '-y', '-i', $path, '-vn', '-c', 'copy', '-movflags', '+faststart', $made];
        if ($ending === null || ! $this->runs($copy)) {
            copy($path, $made);
        }

        return $made;
    }

    /** As the file says it; 0 where it does not. */
    private function seconds(string $path): float
    {
        foreach ([
            ['soxi', '-D', $path],
            ['ffprobe', '-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', $path],
        ] as $command) {
            $asked = new Process($command, timeout: self::SECONDS_OF_WORK);
            if ($asked->run() === 0 && is_numeric(trim($asked->getOutput()))) {
                return (float) $asked->getOutput();
            }
        }

        return 0.0;
    }

    /** @param  list<string>  $command */
    private function runs(array $command): bool
    {
        try {
            return (new Process($command, timeout: self::SECONDS_OF_WORK))->run() === 0;
        } catch (ProcessTimedOutException) {
            return false;
        }
    }

    private function place(string $ending): string
    {
        return ($this->folder ?? sys_get_temp_dir()).'/pasada-sound-'.bin2hex(random_bytes(8)).'.'.$ending;
    }
}
