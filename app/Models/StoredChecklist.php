<?php

declare(strict_types=1);

namespace App\Models;

final class StoredChecklist extends StoredDocument
{
    protected $table = 'checklists';

    public static function saysOfItselfIn(): string
    {
        return 'reason';
    }
}
