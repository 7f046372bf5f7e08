<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

/**
 * What was said of an item, or of one side of it: points as bits, since hundreds of attempts are scored again in
 * seconds.
 */
final class Tally
{
    public int $inTime = 0;

    /** Said only after the place was shut, and not in time. */
    public int $late = 0;

    public int $wrong = 0;

    public function say(int $bits, bool $isShut): void
    {
        if ($isShut) {
            $this->late |= $bits & ~$this->inTime;

            return;
        }
        // Said right now what was said wrong before: a self-correction counts while the place is open.
        $this->wrong &= ~$bits;
        $this->inTime |= $bits;
        $this->late &= ~$bits;
    }

    public function sayWrong(int $bits): void
    {
        $this->inTime &= ~$bits;
        $this->wrong |= $bits;
    }

    public function takeBack(int $bits): void
    {
        $this->inTime &= ~$bits;
        $this->late &= ~$bits;
        $this->wrong &= ~$bits;
    }

    public function isEmpty(): bool
    {
        return ($this->inTime | $this->late | $this->wrong) === 0;
    }
}
