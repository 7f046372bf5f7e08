<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $school_id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string|null $calendar_secret whoever knows it reads the walks of this user
 * @property-read School $school
 * @property-read Student|null $student
 */
final class User extends Authenticatable
{
    use OfSchool;

    protected $fillable = ['school_id', 'name', 'email', 'password', 'role'];

    protected $hidden = ['password', 'calendar_secret'];

    protected $attributes = ['calendar_secret' => null];

    // Sign-in lasts as long as the session; there is no "remember me" token to steal.
    protected $rememberTokenName = '';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
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
