<?php

declare(strict_types=1);

namespace App\Access;

/** Codes that are read aloud or off a screen, kept as digests. */
final readonly class SpokenCode
{
    /** Without what is taken for something else. */
    private const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    public static function make(int $length): string
    {
        $code = '';
        for ($n = 0; $n < $length; $n++) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return $code;
    }

    /** The same however it was typed: in small letters, with dashes or spaces. */
    public static function digest(string $code): string
    {
        return hash('sha256', strtoupper((string) preg_replace('/[^A-Za-z0-9]/', '', $code)));
    }
}
