<?php

declare(strict_types=1);

namespace App\Models;

final class StoredVehicle extends StoredDocument
{
    protected $table = 'vehicles';

    public static function saysOfItselfIn(): string
    {
        return 'description';
    }
}
