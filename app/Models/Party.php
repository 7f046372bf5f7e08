<?php

declare(strict_types=1);

namespace App\Models;

/** Who signs a finished record. */
enum Party: string
{
    case Scorer = 'scorer';
    case Student = 'student';
}
