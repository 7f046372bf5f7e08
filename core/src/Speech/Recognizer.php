<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

/** Turns sound into words. */
interface Recognizer
{
    /**
     * @param  string  $sound  path of a WAV of 16 kHz, mono, 16 bit
     * @param  string  $language  path of a language model (.lm, ARPA) and of the dictionary of its words (.dict)
     * @return list<HeardPiece> in their order; empty for silence
     */
    public function recognize(string $sound, string $language): array;
}
