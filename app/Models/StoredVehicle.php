<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One version of a vehicle, as the text of its document; a row is never changed.
 *
 * @property int $id
 * @property int $school_id
 * @property string $slug
 * @property int $version
 * @property string $name
 * @property string $document
 */
final class StoredVehicle extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'vehicles';

    protected $fillable = ['school_id', 'slug', 'version', 'name', 'document'];
}
