<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** Times as captions write them. */
final readonly class CaptionTime
{
    /** Hours, which may be left out, minutes and seconds. */
    public const PATTERN = '(?:(\d{1,2}):)?(\d{1,2}):(\d{2})';

    /** 0 for what is no time. */
    public static function milliseconds(string $time): int
    {
        return preg_match('/^'.self::PATTERN.'[,.](\d{1,3})/', $time, $found) === 1
            ? ((int) $found[1] * 3600 + (int) $found[2] * 60 + (int) $found[3]) * 1000 +
                    (int) str_pad($found[4], 3, '0')
            : 0;
    }

    /** The same time written out with hours and thousandths. */
    public static function stamp(string $time): string
    {
        return self::written(self::milliseconds($time));
    }

    /** Milliseconds as "00:01:02.345". */
    public static function written(int $ms): string
    {
        return sprintf(
            '%02d:%02d:%02d.%03d', intdiv($ms, 3_600_000), intdiv($ms, 60_000) % 60, intdiv($ms, 1000) % 60, $ms % 1000,
        );
    }
}
