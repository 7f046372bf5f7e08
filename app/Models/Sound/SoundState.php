<?php

declare(strict_types=1);

namespace App\Models\Sound;

/** How far a recording has come. */
enum SoundState: string
{
    /** Pieces are still on a device. */
    case Arriving = 'arriving';
    /** All there; its words are being worked out. */
    case Waiting = 'waiting';
    case Heard = 'heard';
    /** Its words could not be worked out; where it is sound at all, it can be played. */
    case Failed = 'failed';
    /** Its time is over or the student took the consent back: only that it was there is known. */
    case Deleted = 'deleted';
}
