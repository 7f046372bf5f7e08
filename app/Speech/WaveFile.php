<?php

declare(strict_types=1);

namespace App\Speech;

use Pasada\Core\Speech\Loudness;

/** Sound as recognizers read it: WAV of 16 kHz, mono, 16 bit, with the shortest head. */
final readonly class WaveFile
{
    public const HEAD_BYTES = 44;

    public const BYTES_OF_MS = 2 * Loudness::RATE / 1000;

    /** Read in pieces of a minute. */
    private const READ_BYTES = 60 * 1000 * self::BYTES_OF_MS;

    private const PCM = 1;

    /** @return string path of a file that whoever asked takes away */
    public static function write(string $samples): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'pasada-wave-');
        $bytes = strlen($samples);
        file_put_contents($file, 'RIFF'.pack('V', self::HEAD_BYTES - 8 + $bytes).'WAVEfmt '.pack(
            'VvvVVvv', 16, self::PCM, 1, Loudness::RATE, 2 * Loudness::RATE, 2, 16,
        ).'data'.pack('V', $bytes).$samples);

        return $file;
    }

    public static function loudness(string $file): Loudness
    {
        return Loudness::of((static function () use ($file): iterable {
            $open = fopen($file, 'rb');
            if ($open === false || fseek($open, self::HEAD_BYTES) !== 0) {
                return;
            }
            while (($piece = (string) fread($open, self::READ_BYTES)) !== '') {
                yield $piece;
            }
            fclose($open);
        })());
    }

    public static function part(string $file, int $fromMs, int $toMs): string
    {
        return (string) file_get_contents(
            $file, false, null, self::HEAD_BYTES + $fromMs * self::BYTES_OF_MS,
            max(0, $toMs - $fromMs) * self::BYTES_OF_MS,
        );
    }
}
