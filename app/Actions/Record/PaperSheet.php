<?php

declare(strict_types=1);

namespace App\Actions\Record;

use App\Models\AttemptMode;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use Illuminate\Support\Carbon;

/** What stands on a filled paper checklist. */
final readonly class PaperSheet
{
    /** @param  list<array{item: string, points: list<string>|null}>  $heard  points null where "whole" is marked */
    public function __construct(
        /** UUID made by the page. */
        public string $id,
        public Student $student,
        public StoredChecklist $checklist,
        public StoredVehicle $vehicle,
        public ?string $form,
        public AttemptMode $mode,
        public Carbon $startedAt,
        public int $minutes,
        public array $heard,
        public string $note,
    ) {}

    public function digest(): string
    {
        return hash('sha256', json_encode([$this->heard, $this->minutes, $this->note], JSON_THROW_ON_ERROR));
    }
}
