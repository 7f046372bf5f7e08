<?php

declare(strict_types=1);

namespace App\Models\Paper;

enum PaperSize: string
{
    case Letter = 'letter';
    case A4 = 'a4';
}
