<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\CabFault;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** Faults of a practice that the student is to find: sealed, so that the page can carry what it may not read. */
final readonly class HiddenFaults
{
    /** Told apart from whatever else is sealed with the same key, such as a cookie. */
    private const PURPOSE = 'hidden-fault:';

    public static function seal(CabFault $fault): string
    {
        return Crypt::encryptString(self::PURPOSE.$fault->value);
    }

    /** @param  non-empty-list<CabFault>  $from  those that the truck and the sequence can show */
    public static function draw(array $from): string
    {
        return self::seal($from[random_int(0, count($from) - 1)]);
    }

    /** @throws DocumentHasFaults if it was not sealed here */
    public static function open(string $sealed): AirFaults
    {
        return AirFaults::read(self::fault($sealed)->value ?? '');
    }

    /**
     * Null where nothing is wrong. What is in it is never repeated, whatever it is.
     *
     * @throws DocumentHasFaults if it was not sealed here
     */
    public static function fault(string $sealed): ?CabFault
    {
        if ($sealed === '') {
            return null;
        }
        try {
            $opened = Crypt::decryptString($sealed);
        } catch (DecryptException) {
            $opened = '';
        }

        return (str_starts_with($opened, self::PURPOSE)
            ? CabFault::tryFrom(substr($opened, strlen(self::PURPOSE)))
            : null) ??
            throw DocumentHasFaults::in('faults', [
                Fault::at('', 'were not sealed by this Pasada for a practice; start a new practice'),
            ]);
    }
}
