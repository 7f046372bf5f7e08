<?php

declare(strict_types=1);

namespace App\Export;

use App\Files\ZipFile;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\BrakePractice;
use App\Models\ExamAppointment;
use App\Models\ExamResult;
use App\Models\Paper\PaperSize;
use App\Models\Recital;
use App\Models\Rehearsal;
use App\Models\Sound\SoundState;
use App\Models\Sound\WalkSound;
use App\Models\Student;
use App\Paper\RecordPaper;
use App\Sound\SoundPieces;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use ZipArchive;

/** All that a school knows of a student as one ZIP, which other programs read, too. */
final readonly class PersonArchive
{
    private const READ_ME = <<<'TEXT'
        All that the school keeps of one person, taken out of Pasada.

        person.json      name, class, account, exams ahead and their results, practice alone
        records.json     every walk, complete, also those that count nowhere; another Pasada takes them in
        attempts.csv     a line for each walk, for a spreadsheet
        statements.json  the same walks as xAPI 1.0.3
        record.pdf       the training record
        sound            what was recorded of the walks and is still kept, one file for each recording

        Not in here: who opened these records. The manager finds that under "Who did what".

        TEXT;

    public function __construct(
        private Exporter $exporter, private RecordPaper $paper, private ZipFile $zip, private Filesystem $files,
        private SoundPieces $sound,
    ) {}

    /** @return string path of a file that whoever asked takes away */
    public function of(Student $student, Carbon $now): string
    {
        return $this->zip->write(function (ZipArchive $zip, string $folder) use ($student, $now): void {
            $selection = new Selection($student->school, studentId: $student->id, evenUncounted: true);
            foreach ([
                'records.json' => ExportFormat::Json, 'attempts.csv' => ExportFormat::Csv,
                'statements.json' => ExportFormat::Xapi,
            ] as $name => $format) {
                $this->exporter->write($selection, $format, function (string $piece) use ($folder, $name): void {
                    $this->files->append("$folder/$name", $piece);
                });
                $zip->addFile("$folder/$name", $name);
            }
            $zip->addFromString('person.json', json_encode(
                $this->person($student, $now), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
            ));
            $zip->addFromString(
                'record.pdf', $this->paper->ofStudent($student->school, $student, PaperSize::Letter, $now),
            );
            $this->addSound($zip, $student);
            $zip->addFromString('README.txt', self::READ_ME);
        });
    }

    private function addSound(ZipArchive $zip, Student $student): void
    {
        $sounds = WalkSound::query()->where('state', '<>', SoundState::Deleted);
        $sounds->whereIn('attempt_id', Attempt::query()->where('student_id', $student->id)->select('id'));
        foreach ($sounds->get()->all() as $one) {
            $bytes = implode('', [...$this->sound->read($one, 0, max(0, $this->sound->bytes($one) - 1))]);
            $ending = preg_match('#^audio/(\w+)#', $one->kind, $is) === 1 ? $is[1] : 'sound';
            $zip->addFromString("sound/$one->attempt_id $one->from_ms.$ending", $bytes);
        }
    }

    /** @return array<string, mixed> */
    private function person(Student $student, Carbon $now): array
    {
        return [
            'written_at' => $now->toIso8601ZuluString(),
            'school' => $student->school->name,
            'name' => $student->name,
            'number' => $student->number,
            'class' => $student->className(),
            'exam_on' => $student->exam_on?->toDateString(),
            'archived_at' => $student->archived_at?->toIso8601ZuluString(),
            'account' => $student->account === null ? null : [
                'email' => $student->account->email,
                'closed_at' => $student->account->disabled_at?->toIso8601ZuluString(),
            ],
            'walks_that_count_nowhere' => Attempt::query()->where('student_id', $student->id)
                ->where('status', '<>', AttemptStatus::Finished)->get()
                ->map(static fn (Attempt $one): array => [
                    'id' => $one->id, 'state' => $one->status->value,
                    'reason' => $one->discard_reason ?? $one->void_reason,
                ])->all(),
            'appointments' => ExamAppointment::query()->where('student_id', $student->id)->get()
                ->map(static fn (ExamAppointment $one): array => [
                    'held_on' => $one->held_on->toDateString(), 'begins' => $one->begins, 'place' => $one->place,
                    'examiner' => $one->examiner, 'vehicle' => $one->vehicle, 'form' => $one->form,
                    'cancelled_at' => $one->cancelled_at?->toIso8601ZuluString(),
                ])->all(),
            'exam_results' => ExamResult::query()->where('student_id', $student->id)->get()
                ->map(static fn (ExamResult $one): array => [
                    'held_on' => $one->held_on->toDateString(), 'passed' => $one->passed, 'form' => $one->form,
                    'missed' => $one->missed, 'foretold' => $one->chance,
                    'withdrawn_at' => $one->withdrawn_at?->toIso8601ZuluString(),
                ])->all(),
            'practice_cards' => Recital::query()->where('student_id', $student->id)->get()
                ->map(static fn (Recital $one): array => [
                    'at' => $one->recited_at->toIso8601ZuluString(), 'item' => $one->item, 'words' => $one->words,
                    'earned' => $one->earned / 1000,
                ])->all(),
            'rehearsals' => Rehearsal::query()->where('student_id', $student->id)->get()
                ->map(static fn (Rehearsal $one): array => [
                    'at' => $one->begun_at->toIso8601ZuluString(), 'of' => $one->label, 'items' => $one->asked,
                    'whole' => $one->whole, 'share' => $one->permille / 1000, 'words' => $one->words,
                ])->all(),
            'brake_practices' => BrakePractice::query()->where('user_id', $student->user_id ?? 0)->get()
                ->map(static fn (BrakePractice $one): array => [
                    'at' => $one->created_at->toIso8601ZuluString(), 'standing' => $one->standing->value,
                    'cause' => $one->cause, 'fault' => $one->fault, 'suspected' => $one->suspected,
                    'controls' => $one->controls,
                ])->all(),
        ];
    }
}
