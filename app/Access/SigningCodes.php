<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** Short codes by which somebody signs on the device of another; each serves once, for some minutes. */
final readonly class SigningCodes
{
    private const MINUTES = 10;

    private const LENGTH = 6;

    /** Without what looks alike when it is read aloud or off a screen. */
    private const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    public function __construct(private ConnectionInterface $database) {}

    /** @return array{string, Carbon} a new code, and until when it serves; an earlier one serves no more */
    public function make(User $for, Carbon $now): array
    {
        $code = '';
        for ($n = 0; $n < self::LENGTH; $n++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }
        $until = $now->copy()->addMinutes(self::MINUTES);
        $for->update(['signing_code_digest' => self::digest($code), 'signing_code_until' => $until]);

        return [$code, $until];
    }

    /** Whether it is the code of this user and serves; from then on it does not. */
    public function take(User $of, string $code, Carbon $now): bool
    {
        return $this->database->table('users')->where('id', $of->id)
            ->where('signing_code_digest', self::digest($code))
            ->where('signing_code_until', '>', $now)
            ->update(['signing_code_digest' => null, 'signing_code_until' => null]) === 1;
    }

    private static function digest(string $code): string
    {
        return hash('sha256', strtoupper((string) preg_replace('/[^A-Za-z0-9]/', '', $code)));
    }
}
