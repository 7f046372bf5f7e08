<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Rehearsal;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\ScoreSheet;

/** How far a rehearsal is. */
final readonly class Rehearsed
{
    public function __construct(
        public Rehearsal $kept,
        /** What of the vehicle is rehearsed. */
        public Inspection $inspection,
        public ScoreSheet $sheet,
    ) {}
}
