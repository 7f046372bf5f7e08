<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\User;
use Pasada\Core\Attempt\Mark;
use Pasada\Core\Attempt\MarkWriter;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetWriter;

/** The open format of one attempt, `pasada-record/1`: marks and the sheet they give, with what they were scored under. */
final readonly class RecordFile
{
    public const FORMAT = 'pasada-record/1';

    public function __construct(private InspectionLibrary $inspections, private MarkStore $store) {}

    /** @return array<string, mixed> */
    public function write(Attempt $attempt): array
    {
        $marks = $this->store->read($attempt->id)[0];

        return [
            'format' => self::FORMAT,
            'checklist' => ['id' => $attempt->checklist->slug, 'version' => $attempt->checklist->version],
            'vehicle' => ['id' => $attempt->vehicle->slug, 'version' => $attempt->vehicle->version],
            'form' => $attempt->form,
            'started_at' => $attempt->started_at->toIso8601ZuluString(),
            'student' => $attempt->student->name,
            'scorer' => $attempt->scorer->name,
            'marks' => array_map(static fn (Mark $mark): array => MarkWriter::write($mark), $marks->marks),
            'sheet' => SheetWriter::write(ScoreSheet::ofInspection($this->inspections->forAttempt($attempt), $marks)),
        ];
    }

    /**
     * What a record was scored under, found among this school's versions; its marks are checked when they are recorded.
     *
     * @param  array<mixed>  $record  decoded
     * @return array{StoredChecklist, StoredVehicle, ?string, string} checklist, vehicle, form, time of the start as written
     *
     * @throws DocumentHasFaults with every fault and its path
     */
    public function read(array $record, User $reader): array
    {
        $faults = new Faults;
        $root = Node::root($record, $faults);
        $root->only('format', 'checklist', 'vehicle', 'form', 'started_at', 'student', 'scorer', 'marks', 'sheet');
        if ($root->string('format') !== self::FORMAT) {
            $root->child('format')->fault('must be "'.self::FORMAT.'"');
        }
        $checklist = $this->version($root->child('checklist'), StoredChecklist::class, $reader);
        $vehicle = $this->version($root->child('vehicle'), StoredVehicle::class, $reader);
        $startedAt = $root->string('started_at');
        if ($startedAt !== '' && strtotime($startedAt) === false) {
            $root->child('started_at')->fault('asks for a time as 2026-11-24T15:30:00Z');
        }
        $root->nodes('marks');
        $form = ($record['form'] ?? null) === null ? null : $root->string('form');
        $faults->stopIfAny('record');
        assert($checklist instanceof StoredChecklist && $vehicle instanceof StoredVehicle);

        return [$checklist, $vehicle, $form, $startedAt];
    }

    /** @param  class-string<StoredChecklist>|class-string<StoredVehicle>  $model */
    private function version(Node $node, string $model, User $reader): StoredChecklist|StoredVehicle|null
    {
        $slug = $node->string('id');
        $version = $node->int('version', 1, 100_000);
        $row = $model::ofSchool($reader->school_id)->where('slug', $slug)->where('version', $version)->first();
        if ($row === null && $slug !== '') {
            $node->fault(sprintf('this school has no version %d of "%s"; bring that in first', $version, $slug));
        }

        return $row;
    }
}
