<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $state
 */
final class School extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'state'];
}
