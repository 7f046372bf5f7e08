<?php

declare(strict_types=1);

namespace App\Actions\School;

use App\Access\Passwords;
use App\Access\SpokenCode;
use App\Models\Installation;
use App\Models\Role;
use App\Models\School;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** Makes an installation a school's, once: with the code that the command printed. */
final readonly class SetUpSchool
{
    private const CODE_HOURS = 24;

    private const CODE_LENGTH = 10;

    public function __construct(private ConnectionInterface $database, private Passwords $passwords) {}

    /** A new code; one that was printed before opens nothing any more. Null where a school is set up already. */
    public function code(Carbon $now): ?string
    {
        $code = SpokenCode::make(self::CODE_LENGTH);
        $isKept = $this->database->transaction(static function () use ($code, $now): bool {
            if (School::query()->exists()) {
                return false;
            }
            Installation::query()->updateOrCreate(['id' => 1], [
                'kind' => Installation::SCHOOL, 'code_digest' => SpokenCode::digest($code),
                'code_until' => $now->copy()->addHours(self::CODE_HOURS),
            ]);

            return true;
        });

        return $isKept === true ? $code : null;
    }

    /**
     * @param  array{school: string, state: string, time_zone: string, name: string, email: string}  $told
     *
     * @throws ValidationException where the code is not the one, or the password too weak
     */
    public function handle(string $code, array $told, string $password, Carbon $now): User
    {
        $this->passwords->check($password, $told['name'], $told['email']);
        $manager = $this->database->transaction(static function () use ($code, $told, $password, $now): User {
            Installation::query()->whereKey(1)->lockForUpdate()->value('id');
            $here = Installation::here();
            if ($here?->code_digest === null || ! hash_equals($here->code_digest, SpokenCode::digest($code))
                || $here->code_until?->isBefore($now) !== false) {
                throw ValidationException::withMessages(['code' => 'This code opens nothing. Run ./pasada up --school '.
                    'on the server again and enter the code that it prints.']);
            }
            $school = School::query()->create([
                'name' => $told['school'], 'state' => $told['state'], 'time_zone' => $told['time_zone'],
            ]);
            $here->update(['code_digest' => null, 'code_until' => null]);

            return User::query()->create([
                'school_id' => $school->id, 'name' => $told['name'], 'email' => $told['email'],
                'password' => $password, 'role' => Role::Manager, 'password_set_at' => $now,
            ]);
        });
        assert($manager instanceof User);

        return $manager;
    }
}
