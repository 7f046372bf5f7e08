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

    public function __construct(private ConnectionInterface $database) {}

    /** @return array{string, Carbon} a new code, and until when it serves; an earlier one serves no more */
    public function make(User $for, Carbon $now): array
    {
        $code = SpokenCode::make(self::LENGTH);
        $until = $now->copy()->addMinutes(self::MINUTES);
        $for->update(['signing_code_digest' => SpokenCode::digest($code), 'signing_code_until' => $until]);

        return [$code, $until];
    }

    /** Whether it is the code of this user and serves; from then on it does not. */
    public function take(User $of, string $code, Carbon $now): bool
    {
        return $this->database->table('users')->where('id', $of->id)
            ->where('signing_code_digest', SpokenCode::digest($code))
            ->where('signing_code_until', '>', $now)
            ->update(['signing_code_digest' => null, 'signing_code_until' => null]) === 1;
    }
}
