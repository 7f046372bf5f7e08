<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

/** How far a student is, in a word that goes with the chance and its doubt. The bounds are this application's own. */
enum Ready: string
{
    /** Even where the doubt is taken off. */
    case Yes = 'ready';
    case Nearly = 'nearly';
    case OnTheWay = 'on_the_way';
    case NotYet = 'not_yet';
    /** Too little is known. */
    case Unknown = 'unknown';

    private const ENOUGH = 0.7;

    private const HALF_WAY = 0.35;

    /** An item counts as known where it will be earned whole in four of five walks. */
    private const KNOWN = 0.8;

    /**
     * @param  float|null  $chance  to pass, 0 to 1
     * @param  float|null  $low  lower end of its doubt
     */
    public static function of(?float $chance, ?float $low): self
    {
        return match (true) {
            $chance === null || $low === null => self::Unknown,
            $low >= self::ENOUGH => self::Yes,
            $chance >= self::ENOUGH => self::Nearly,
            $chance >= self::HALF_WAY => self::OnTheWay,
            default => self::NotYet,
        };
    }

    /** @param  float  $chance  that an item is earned whole, 0 to 1 */
    public static function knows(float $chance): bool
    {
        return $chance >= self::KNOWN;
    }
}
