<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A time in which a vehicle is out of service. Written and read by Outages alone. */
final class VehicleOutage extends Model
{
    use OfSchool;

    public $timestamps = false;

    protected $fillable = ['school_id', 'slug', 'reason', 'user_id', 'from_at', 'ended_at', 'ended_by'];
}
