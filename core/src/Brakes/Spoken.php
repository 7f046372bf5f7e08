<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** What a student says during the brake tests. */
enum Spoken: string
{
    case AreaClear = 'area-clear';
    case StartReading = 'start-reading';
    case EndReading = 'end-reading';
    case Limit = 'limit';

    public function label(): string
    {
        return match ($this) {
            self::AreaClear => 'that the area is clear',
            self::StartReading => 'the reading at the start',
            self::EndReading => 'the reading at the end',
            self::Limit => 'the limit',
        };
    }
}
