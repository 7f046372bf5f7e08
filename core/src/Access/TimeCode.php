<?php

declare(strict_types=1);

namespace Pasada\Core\Access;

/** Codes of a second factor that change with time: RFC 6238 over RFC 4226, with SHA-1 as every authenticator has it. */
final readonly class TimeCode
{
    public const SECONDS = 30;

    public const DIGITS = 6;

    /** Steps to either side that are taken, for clocks that differ: RFC 6238, 5.2 advises one; two bridge a minute. */
    private const STEPS_OFF = 2;

    /** How far the clocks are searched to tell somebody that theirs is off: ten minutes. */
    private const STEPS_SEARCHED = 20;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param  string  $secret  bytes */
    public function __construct(private string $secret) {}

    /** @param  string  $secret  Base32 as RFC 4648 has it, without padding */
    public static function of(string $secret): self
    {
        $bits = '';
        foreach (str_split(strtoupper($secret)) as $sign) {
            $at = strpos(self::ALPHABET, $sign);
            $bits .= $at === false ? '' : str_pad(decbin($at), 5, '0', STR_PAD_LEFT);
        }
        $bytes = '';
        foreach (str_split($bits, 8) as $byte) {
            $bytes .= strlen($byte) === 8 ? chr((int) bindec($byte)) : '';
        }

        return new self($bytes);
    }

    /** A new secret of 160 bits, as RFC 4226 advises, in Base32. */
    public static function secret(): string
    {
        $secret = '';
        foreach (str_split(random_bytes(32)) as $byte) {
            $secret .= self::ALPHABET[ord($byte) & 31];
        }

        return $secret;
    }

    public function at(int $time, int $digits = self::DIGITS): string
    {
        return $this->ofStep(intdiv($time, self::SECONDS), $digits);
    }

    /**
     * The step that a code stands for, if it is one of now and of none that was used before.
     *
     * @param  int|null  $usedStep  the last step that was taken
     */
    public function step(string $code, int $now, ?int $usedStep): ?int
    {
        $step = $this->find($code, intdiv($now, self::SECONDS), self::STEPS_OFF);

        return $step !== null && $step > ($usedStep ?? PHP_INT_MIN) ? $step : null;
    }

    /** By how many minutes the clock is off that made a code: above nought where it is ahead; null where none did. */
    public function minutesOff(string $code, int $now): ?int
    {
        $here = intdiv($now, self::SECONDS);
        $step = $this->find($code, $here, self::STEPS_SEARCHED);

        return $step === null || abs($step - $here) <= self::STEPS_OFF
            ? null
            : (int) round(($step - $here) * self::SECONDS / 60);
    }

    private function find(string $code, int $here, int $steps): ?int
    {
        $code = (string) preg_replace('/\s+/', '', $code);
        for ($off = 0; $off <= $steps; $off++) {
            foreach ([$here - $off, $here + $off] as $step) {
                if (hash_equals($this->ofStep($step, self::DIGITS), $code)) {
                    return $step;
                }
            }
        }

        return null;
    }

    private function ofStep(int $step, int $digits): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $at = ord($hash[19]) & 15;
        $number = (ord($hash[$at]) & 127) << 24 | ord($hash[$at + 1]) << 16 | ord($hash[$at + 2]) << 8
            | ord($hash[$at + 3]);

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }
}
