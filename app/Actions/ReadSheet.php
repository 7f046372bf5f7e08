<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Attempt;
use Pasada\Core\Scoring\ScoreSheet;

/** The score sheet of an attempt as it stands, replayed from its marks. */
final readonly class ReadSheet
{
    public function __construct(private InspectionLibrary $inspections, private MarkStore $store) {}

    /** @param  bool  $amended  with the amendments made since it was closed */
    public function handle(Attempt $attempt, bool $amended = true): ScoreSheet
    {
        return ScoreSheet::ofInspection($this->inspections->forAttempt($attempt), $this->store->read($attempt->id, $amended)[0]);
    }
}
