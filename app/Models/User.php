<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * @property int $id
 * @property int $school_id
 * @property string $name
 * @property string $email
 * @property Role $role the first of the roles
 * @property list<string> $also further roles
 * @property Carbon|null $disabled_at since when nobody signs in with it
 * @property Carbon|null $password_set_at null until the person has set one
 * @property string|null $two_factor_secret
 * @property Carbon|null $two_factor_at since when a code is asked for
 * @property int|null $two_factor_step the last that was used
 * @property list<string>|null $recovery_codes as digests
 * @property string|null $signing_code_digest of a code to sign with on the device of another
 * @property Carbon|null $signing_code_until
 * @property string|null $calendar_secret whoever knows it reads the walks of this user
 * @property-read School $school
 * @property-read Student|null $student
 */
final class User extends Authenticatable
{
    use OfSchool;

    protected $table = 'users';

    protected $fillable = [
        'school_id', 'name', 'email', 'password', 'role', 'also', 'disabled_at', 'password_set_at',
        'two_factor_secret', 'two_factor_at', 'two_factor_step', 'recovery_codes', 'signing_code_digest',
        'signing_code_until',
    ];

    protected $hidden = ['password', 'calendar_secret', 'two_factor_secret', 'recovery_codes', 'signing_code_digest'];

    protected $attributes = [
        'calendar_secret' => null, 'also' => '[]', 'disabled_at' => null, 'password_set_at' => null,
        'two_factor_secret' => null, 'two_factor_at' => null, 'two_factor_step' => null, 'recovery_codes' => null,
        'signing_code_digest' => null, 'signing_code_until' => null,
    ];

    // Sign-in lasts as long as the session; there is no "remember me" token to steal.
    protected $rememberTokenName = '';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class, 'password' => 'hashed', 'also' => 'array', 'disabled_at' => 'datetime',
            'password_set_at' => 'datetime', 'two_factor_secret' => 'encrypted', 'two_factor_at' => 'datetime',
            'recovery_codes' => 'array', 'signing_code_until' => 'datetime',
        ];
    }

    /** @return Builder<self> who works at a school, whether the account is closed or not */
    public static function staff(int $schoolId): Builder
    {
        return self::ofSchool($schoolId)->where('role', '<>', Role::Student);
    }

    /** @return Collection<int, self> who works at a school in a role and signs in, by name */
    public static function working(int $schoolId, Role $role): Collection
    {
        return self::ofSchool($schoolId)->where('disabled_at', null)->get()->sortBy('name')
            ->filter(static fn (self $user): bool => $user->has($role))->values()->toBase();
    }

    /** @return list<Role> the first one first */
    public function roles(): array
    {
        return [$this->role, ...array_map(Role::from(...), $this->also)];
    }

    public function has(Role $role): bool
    {
        return in_array($role, $this->roles(), true);
    }

    public function scores(): bool
    {
        return $this->has(Role::Instructor) || $this->has(Role::Examiner);
    }

    public function seesAllStudents(): bool
    {
        return ! $this->has(Role::Student);
    }

    /** Whether checklists, vehicles and the school's phrases are theirs to change. */
    public function changesDocuments(): bool
    {
        return $this->has(Role::Instructor) || $this->manages();
    }

    public function manages(): bool
    {
        return $this->has(Role::Manager);
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return HasOne<Student, $this> */
    public function student(): HasOne
    {
        return $this->hasOne(Student::class);
    }
}
