<?php

declare(strict_types=1);

namespace App\Access;

use App\Exceptions\SecondFactorIsAsked;
use App\Models\School;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Pasada\Core\Access\TimeCode;

/** The second factor: a code of an authenticator, or one of ten that were written down and serve once each. */
final readonly class SecondFactor
{
    private const RECOVERY_CODES = 10;

    public function __construct(private ConnectionInterface $database) {}

    /** Whether the school asks it of a role of this user. */
    public static function isRequired(User $user, School $school): bool
    {
        return array_intersect(array_column($user->roles(), 'value'), $school->two_factor_roles) !== [];
    }

    /** @return array{string, string} a new secret, and as an address that an authenticator opens */
    public function begin(User $user): array
    {
        $secret = TimeCode::secret();
        $user->update(['two_factor_secret' => $secret, 'two_factor_at' => null, 'two_factor_step' => null]);

        return [$secret, sprintf(
            'otpauth://totp/Pasada:%s?secret=%s&issuer=Pasada&algorithm=SHA1&digits=%d&period=%d',
            rawurlencode($user->email), $secret, TimeCode::DIGITS, TimeCode::SECONDS,
        )];
    }

    /**
     * From now on a code is asked for.
     *
     * @return list<string> codes to write down
     *
     * @throws ValidationException where the code is not one of the new secret
     */
    public function confirm(User $user, string $code, Carbon $now): array
    {
        $this->takeTimeCode($user, $code, $now);
        $codes = array_map(
            static fn (): string => Str::lower(Str::random(5).'-'.Str::random(5)), range(1, self::RECOVERY_CODES),
        );
        $user->update([
            'two_factor_at' => $now,
            'recovery_codes' => array_map(static fn (string $one): string => hash('sha256', $one), $codes),
        ]);

        return $codes;
    }

    public function end(User $user): void
    {
        $user->update([
            'two_factor_secret' => null, 'two_factor_at' => null, 'two_factor_step' => null, 'recovery_codes' => null,
        ]);
    }

    /**
     * Takes a code at the sign-in; each serves once.
     *
     * @throws SecondFactorIsAsked where none was sent
     * @throws ValidationException where it is not right
     */
    public function take(User $user, ?string $code, Carbon $now): void
    {
        if ($user->two_factor_at === null) {
            return;
        }
        if ($code === null || trim($code) === '') {
            throw new SecondFactorIsAsked;
        }
        $this->database->transaction(function () use ($user, $code, $now): void {
            $held = User::held($user->id);
            $kept = $held->recovery_codes ?? [];
            $left = array_values(array_diff($kept, [hash('sha256', Str::lower(trim($code)))]));
            if (count($left) < count($kept)) {
                $held->update(['recovery_codes' => $left]);
            } else {
                $this->takeTimeCode($held, $code, $now);
            }
        });
    }

    private function takeTimeCode(User $user, string $code, Carbon $now): void
    {
        $codes = TimeCode::of($user->two_factor_secret ?? '');
        $step = $user->two_factor_secret === null
            ? null
            : $codes->step($code, $now->getTimestamp(), $user->two_factor_step);
        if ($step === null) {
            $off = $user->two_factor_secret === null ? null : $codes->minutesOff($code, $now->getTimestamp());
            throw ValidationException::withMessages(['code' => $off === null
                ? 'This code is not right, or was used already. Wait for the next one and try again.'
                : sprintf(
                    'The clock of your authenticator is about %d minutes %s. Set it by the network, then try again; '.
                        'or use a code that you wrote down.', abs($off), $off > 0 ? 'ahead' : 'behind',
                )]);
        }
        $user->update(['two_factor_step' => $step]);
    }
}
