<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\Rules\Unique;

/** A row of one school: the only place that says what "of this school" means to a query. */
trait OfSchool
{
    /** @return Builder<static> */
    public static function ofSchool(int $schoolId): Builder
    {
        $query = static::query();

        return $query->where($query->qualifyColumn('school_id'), $schoolId);
    }

    /** A row as it stands, held until what is done with it is done. */
    public static function held(int $id): static
    {
        $query = static::query()->whereKey($id);
        $query->lockForUpdate();

        return $query->firstOrFail();
    }

    /** As a rule for what no other row of the school may have. */
    public static function uniqueIn(int $schoolId, string $column): Unique
    {
        return Rule::unique(static::class, $column)->where('school_id', $schoolId);
    }

    /** As a rule for what a form names by its id. */
    public static function existsIn(int $schoolId): Exists
    {
        return Rule::exists(static::class, 'id')->where('school_id', $schoolId);
    }
}
