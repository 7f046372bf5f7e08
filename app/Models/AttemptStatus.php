<?php

declare(strict_types=1);

namespace App\Models;

enum AttemptStatus: string
{
    case UnderWay = 'under_way';
    case Finished = 'finished';
    /** Begun by mistake: in no list and no figure, kept in the trail. */
    case Discarded = 'discarded';
    /** Finished, and found later to count for nothing: read as it was, with the reason. */
    case Void = 'void';

    /** @return list<self> of records that take no more marks; one by one, so that an index can be asked for them */
    public static function closed(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => $one !== self::UnderWay));
    }
}
