<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\AttemptMode;
use App\Models\Party;
use App\Models\School;
use App\Models\SignedBy;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Support\Carbon;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Reads the open format of one attempt, `pasada-record/1`, which RecordFile writes. */
final readonly class RecordFileReader
{
    private const FIELDS = [
        'format', 'pasada', 'id', 'school', 'checklist', 'vehicle', 'form', 'mode', 'on_paper', 'started_at', 'student',
        'scorer',
        'marks', 'amendments', 'brakes', 'captions', 'signatures', 'sheet',
    ];

    /**
     * @param  array<mixed>  $record  decoded
     *
     * @throws DocumentHasFaults with every fault and its path
     */
    public function read(array $record, School $school, Carbon $now): RecordInFile
    {
        $faults = new Faults;
        $root = Node::root($record, $faults);
        $root->only(...self::FIELDS);
        if ($root->string('format') !== RecordFile::FORMAT) {
            $root->child('format')->fault('must be "'.RecordFile::FORMAT.'"');
        }
        $checklist = $this->version($root->child('checklist'), StoredChecklist::class, $school);
        $vehicle = $this->version($root->child('vehicle'), StoredVehicle::class, $school);
        $time = fn (Node $node, string $key): Carbon => $this->time($node, $key, $school, $now);
        $startedAt = $time($root, 'started_at');
        $root->nodes('marks');
        $form = ($record['form'] ?? null) === null ? null : $root->string('form');
        $amendments = array_map(
            static fn (Node $one): array => [
                'id' => $one->uuid('id'),
                'by' => $one->string('by'),
                'reason' => $one->string('reason'),
                'made_at' => $time($one, 'made_at'),
                'marks' => self::listAt($one, 'marks'),
            ],
            $root->nodesOr('amendments'),
        );
        $captions = array_map(
            static fn (Node $one): array => [
                'id' => $one->uuid('id'),
                'name' => $one->name(),
                'content' => $one->string('content'),
            ],
            $root->nodesOr('captions'),
        );
        $signatures = array_map(
            static fn (Node $one): array => [
                'party' => $one->enum('party', Party::class)->value,
                'name' => $one->name(),
                'strokes' => self::listAt($one, 'strokes'),
                'means' => $one->enumOr('means', SignedBy::Glass),
                'signed_at' => $time($one, 'signed_at'),
            ],
            $root->nodesOr('signatures'),
        );
        foreach ($root->nodesOr('signatures') as $one) {
            $fault = Strokes::fault(self::listAt($one, 'strokes'));
            if ($fault !== null) {
                $one->child('strokes')->fault($fault);
            }
        }
        $id = $root->has('id') ? $root->uuid('id') : null;
        $mode = $root->has('mode') ? $root->enum('mode', AttemptMode::class) : AttemptMode::Practice;
        $onPaper = $root->boolOr('on_paper', false);
        $names = [$root->stringOr('student', '?'), $root->stringOr('scorer', '?'), $root->stringOr('school', '?')];
        $faults->stopIfAny('record');
        assert($checklist instanceof StoredChecklist && $vehicle instanceof StoredVehicle);

        return new RecordInFile(
            $id, $checklist, $vehicle, $form, $mode, $onPaper, $startedAt, $names[0], $names[1], $names[2],
            self::listAt($root, 'marks'), $amendments, self::listAt($root, 'brakes'), $captions, $signatures,
        );
    }

    /** @return array<mixed> */
    private static function listAt(Node $node, string $key): array
    {
        $raw = is_array($node->raw()) ? $node->raw()[$key] ?? [] : [];
        if (! is_array($raw)) {
            $node->child($key)->fault('asks for a list');
        }

        return is_array($raw) ? $raw : [];
    }

    /** A time in the life of the school. */
    private function time(Node $node, string $key, School $school, Carbon $now): Carbon
    {
        $written = $node->string($key);
        if (
            preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:\d{2})$/D', $written) !== 1 ||
            strtotime($written) === false
        ) {
            $node->child($key)->fault('asks for a time as 2026-11-24T15:30:00Z');

            return $now;
        }
        $time = Carbon::parse($written)->utc();
        if (! $school->hasLived($time, $now)) {
            $node
                ->child($key)
                ->fault(
                    sprintf('is not between %s, when the school opened, and now; check the date', $school->opened_on),
                );
        }

        return $time;
    }

    /** @param  class-string<StoredChecklist>|class-string<StoredVehicle>  $model */
    private function version(Node $node, string $model, School $school): StoredChecklist|StoredVehicle|null
    {
        $slug = $node->string('id');
        $version = $node->int('version', 1, 100_000);
        $row = $model::ofSchool($school->id)->where('slug', $slug)->where('version', $version)->first();
        if ($row === null && $slug !== '') {
            $node->fault(sprintf('this school has no version %d of "%s"; import that first', $version, $slug));
        }

        return $row;
    }
}
