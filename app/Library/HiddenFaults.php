<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Pasada\Core\Brakes\AirFaults;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** Faults of a practice that the student is to find: sealed, so that the page can carry what it may not read. */
final readonly class HiddenFaults
{
    /** What a fault may be, as the command line has it, and in words; each is found by one of the tests. */
    public const CHOICES = [
        'leak:primary:9' => 'the primary reservoir leaks', 'leak:secondary:9' => 'the secondary reservoir leaks', 'leak:applied:14' => 'a chamber leaks while the pedal is down',
        'governor-low' => 'the governor cuts out too low', 'governor-high' => 'the governor cuts out too high', 'governor-stuck' => 'the governor never cuts in again',
        'no-warning' => 'the low-air warning never comes', 'valve-early' => 'the parking valves come out too early', 'valve-late' => 'the parking valves come out too late',
        'valve-stuck' => 'the parking valves stick', 'compressor-weak' => 'the compressor is weak', 'tractor-brake-slips' => 'the tractor parking brake slips', 'service-pulls' => 'the service brake pulls to a side',
    ];

    /** Told apart from whatever else is sealed with the same key, such as a cookie. */
    private const PURPOSE = 'hidden-fault:';

    /** @param  string  $fault  one of the choices; empty to have one drawn */
    public static function seal(string $fault, int $chance): string
    {
        return Crypt::encryptString(self::PURPOSE.($fault === '' ? array_keys(self::CHOICES)[$chance % count(self::CHOICES)] : $fault));
    }

    /** @throws DocumentHasFaults if it was not sealed here */
    public static function open(string $sealed): AirFaults
    {
        return AirFaults::read(self::unsealed($sealed));
    }

    /** In words; empty where nothing is wrong. */
    public static function told(string $sealed): string
    {
        return self::CHOICES[self::unsealed($sealed)] ?? '';
    }

    /** What is in it is never repeated, whatever it is. */
    private static function unsealed(string $sealed): string
    {
        if ($sealed === '') {
            return '';
        }
        try {
            $opened = Crypt::decryptString($sealed);
        } catch (DecryptException) {
            $opened = '';
        }
        $fault = str_starts_with($opened, self::PURPOSE) ? substr($opened, strlen(self::PURPOSE)) : null;

        return $fault !== null && isset(self::CHOICES[$fault])
            ? $fault
            : throw DocumentHasFaults::in('faults', [Fault::at('', 'were not sealed by this Pasada for a practice; start the practice anew')]);
    }
}
