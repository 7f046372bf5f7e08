<?php

declare(strict_types=1);

namespace App\Speech;

use RuntimeException;

/** A file in which there is nothing to hear, or a recognizer that did not answer: why, and what to do. */
final class NoSound extends RuntimeException
{
    public static function missing(string $name): self
    {
        return new self("$name: there is no such file; check the path");
    }

    public static function unreadable(string $name): self
    {
        return new self("$name: this is no sound that can be read; WAV, FLAC, OGG, MP3, M4A and WebM can");
    }

    public static function tooLong(string $name, int $hours): self
    {
        return new self("$name: this is longer than $hours hours; cut it to the walk");
    }

    public static function failed(string $why): self
    {
        return new self("the recognizer did not end well ($why); try again, or look into storage/logs");
    }
}
