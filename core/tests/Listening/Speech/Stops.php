<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

/** How captions set full stops. */
enum Stops
{
    case None;
    case Proper;
    /** Many are left out and many stand inside sentences. */
    case Wrong;

    /** As most captions of a speaker come: half without, a third with, some with wrong ones. */
    public static function of(Style $style, int $seed): self
    {
        return match (true) {
            $style === Style::Chopped => self::Wrong,
            $seed % 6 < 3 => self::None,
            $seed % 6 < 5 => self::Proper,
            default => self::Wrong,
        };
    }
}
