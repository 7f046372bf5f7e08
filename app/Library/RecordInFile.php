<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\AttemptMode;
use App\Models\SignedBy;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Support\Carbon;

/** A record as RecordFileReader found it in a file; marks and lines are checked when they are recorded. */
final readonly class RecordInFile
{
    /**
     * @param  array<mixed>  $marks  in the open format
     * @param  list<array{id: string, by: string, reason: string, made_at: Carbon, marks: array<mixed>}>  $amendments in
     *   order
     * @param  array<mixed>  $brakes  lines of the bench's log
     * @param  list<array{id: string, name: string, content: string}>  $captions
     * @param  list<array{party: string, name: string, strokes: array<mixed>, means: SignedBy,
     *   signed_at: Carbon}>  $signatures
     */
    public function __construct(
        /** Null in a file of an earlier Pasada. */
        public ?string $id,
        public StoredChecklist $checklist,
        public StoredVehicle $vehicle,
        public ?string $form,
        public AttemptMode $mode,
        public bool $onPaper,
        public Carbon $startedAt,
        public string $student,
        public string $scorer,
        public string $school,
        public array $marks,
        public array $amendments,
        public array $brakes,
        public array $captions,
        public array $signatures,
    ) {}
}
