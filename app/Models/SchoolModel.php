<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Projection: what a school's attempts tell under a checklist on a vehicle. Written and read by
 * App\Progress\SchoolModels alone.
 *
 * @property int $attempts that it was fitted to
 * @property int $results of real exams, likewise
 * @property string $model JSON of the core's KeptSchool
 * @property string $fitted_at
 */
final class SchoolModel extends Model
{
    use OfSchool;

    public $timestamps = false;
}
