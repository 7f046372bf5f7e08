<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Access\Passwords;
use App\Exceptions\LastManager;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/** Adds, changes, closes and opens accounts of those who work at a school. None is deleted: records name them. */
final readonly class SavePerson
{
    public function __construct(private ConnectionInterface $database) {}

    /** @param  non-empty-list<Role>  $roles  the first is the one that is shown */
    public function add(int $schoolId, string $name, string $email, array $roles): User
    {
        return User::query()->create([
            'school_id' => $schoolId, 'name' => $name, 'email' => $email, 'password' => Passwords::nobodys(),
            ...self::columns($roles),
        ]);
    }

    /**
     * @param  non-empty-list<Role>  $roles
     *
     * @throws LastManager if nobody would be left who manages
     */
    public function change(User $person, string $name, string $email, array $roles): void
    {
        $this->keepAManager($person, in_array(Role::Manager, $roles, true), static fn (): bool => $person->update([
            'name' => $name, 'email' => $email, ...self::columns($roles),
        ]));
    }

    /** @throws LastManager likewise */
    public function close(User $person, bool $isClosed, Carbon $now): void
    {
        if ($isClosed === ($person->disabled_at !== null)) {
            return;
        }
        $this->keepAManager($person, ! $isClosed && $person->manages(), static fn (): bool => $person->update([
            'disabled_at' => $isClosed ? $now : null,
        ]));
    }

    /** @param  callable(): bool  $change */
    private function keepAManager(User $person, bool $managesThen, callable $change): void
    {
        $this->database->transaction(function () use ($person, $managesThen, $change): void {
            $others = User::ofSchool($person->school_id)->whereKeyNot($person->id)->whereNull('disabled_at')
                ->where(static fn (Builder $query) => $query
                    ->where('role', Role::Manager)
                    ->orWhereJsonContains('also', Role::Manager->value));
            // Held, so that two managers cannot close each other at once.
            $others->lockForUpdate();
            if ($person->manages() && ! $managesThen && ! $others->exists()) {
                throw new LastManager;
            }
            $change();
        });
    }

    /**
     * @param  non-empty-list<Role>  $roles
     * @return array{role: Role, also: list<string>}
     */
    private static function columns(array $roles): array
    {
        return ['role' => $roles[0], 'also' => array_column(array_slice($roles, 1), 'value')];
    }
}
