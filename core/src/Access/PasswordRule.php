<?php

declare(strict_types=1);

namespace Pasada\Core\Access;

/**
 * Strength by length and by what is not on the list of what everybody tries; no rules on capitals and signs, which make
 * passwords that people write down (NIST SP 800-63B, 5.1.1.2).
 */
final readonly class PasswordRule
{
    public const LEAST = 12;

    /** More than that bcrypt cuts off without a word. */
    public const MOST_BYTES = 72;

    /** Digits of a digest by which the list tells a password. */
    private const DIGITS = 10;

    /** Parts of a name that are shorter are in many words. */
    private const LEAST_OF_NAME = 4;

    /** @param  array<string, true>  $common  first digits of SHA-256 of what is common, in lower case */
    private function __construct(private array $common) {}

    /** @param  string  $list  one digest a line; lines with # are remarks */
    public static function read(string $list): self
    {
        $common = [];
        foreach (explode("\n", $list) as $line) {
            if ($line !== '' && $line[0] !== '#') {
                $common[$line] = true;
            }
        }

        return new self($common);
    }

    /** @param  list<string>  $own  name and address of who chooses it */
    public function fault(string $password, array $own): ?PasswordFault
    {
        $lower = mb_strtolower($password);

        return match (true) {
            mb_strlen($password) < self::LEAST => PasswordFault::TooShort,
            strlen($password) > self::MOST_BYTES => PasswordFault::TooLong,
            $this->isCommon($lower) => PasswordFault::Common,
            self::holds($lower, $own) => PasswordFault::OwnName,
            default => null,
        };
    }

    /** A common one with digits behind it is as common, and so is one written twice, or one sign many times. */
    private function isCommon(string $lower): bool
    {
        $bare = (string) preg_replace('/[\d\W_]+$/u', '', $lower);
        $half = mb_substr($lower, 0, intdiv(mb_strlen($lower), 2));
        foreach ([$lower, $bare, $half.$half === $lower ? $half : ''] as $one) {
            if (isset($this->common[substr(hash('sha256', $one), 0, self::DIGITS)])) {
                return true;
            }
        }

        return count(array_unique(mb_str_split($lower))) < 5;
    }

    /** @param  list<string>  $own */
    private static function holds(string $lower, array $own): bool
    {
        foreach ($own as $text) {
            foreach (explode(' ', (string) preg_replace('/[\s@.,\-]+/u', ' ', mb_strtolower($text))) as $part) {
                // A name beside three other words is no weakness; one that is most of the password is.
                if (
                    mb_strlen($part) >= self::LEAST_OF_NAME && str_contains($lower, $part)
                    && 2 * mb_strlen($part) >= mb_strlen($lower) - 4
                ) {
                    return true;
                }
            }
        }

        return false;
    }
}
