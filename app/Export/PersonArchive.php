<?php

declare(strict_types=1);

namespace App\Export;

use App\Models\BrakePractice;
use App\Models\ExamAppointment;
use App\Models\ExamResult;
use App\Models\Recital;
use App\Models\Student;
use App\Paper\PaperSize;
use App\Paper\RecordPaper;
use Illuminate\Support\Carbon;
use RuntimeException;
use ZipArchive;

/** All that a school knows of a student as one ZIP, which other programs read, too. */
final readonly class PersonArchive
{
    private const READ_ME = <<<'TEXT'
        All that the school keeps of one person, taken out of Pasada.

        person.json      name, class, account, exams ahead and their results, practice alone
        records.json     every finished walk, complete: another Pasada takes it in
        attempts.csv     a line for each walk, for a spreadsheet
        statements.json  the same walks as xAPI 1.0.3
        record.pdf       the training record

        Not in here: who opened these records. The manager finds that under "Who did what".

        TEXT;

    public function __construct(private Exporter $exporter, private RecordPaper $paper) {}

    /** @return string path of a file that whoever asked takes away */
    public function of(Student $student, Carbon $now): string
    {
        $path = tempnam(sys_get_temp_dir(), 'pasada-person-');
        $zip = new ZipArchive;
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('No archive can be written into the folder for temporary files.');
        }
        $parts = [];
        $selection = new Selection($student->school, studentId: $student->id);
        foreach ([
            'records.json' => ExportFormat::Json, 'attempts.csv' => ExportFormat::Csv,
            'statements.json' => ExportFormat::Xapi,
        ] as $name => $format) {
            $parts[] = $part = (string) tempnam(sys_get_temp_dir(), 'pasada-part-');
            $this->exporter->write($selection, $format, static function (string $piece) use ($part): void {
                file_put_contents($part, $piece, FILE_APPEND);
            });
            $zip->addFile($part, $name);
        }
        $zip->addFromString('person.json', json_encode(
            $this->person($student, $now), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
        ));
        $zip->addFromString('record.pdf', $this->paper->ofStudent($student->school, $student, PaperSize::Letter, $now));
        $zip->addFromString('README.txt', self::READ_ME);
        $zip->close();
        array_map(unlink(...), $parts);

        return $path;
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
            'brake_practices' => BrakePractice::query()->where('user_id', $student->user_id ?? 0)->get()
                ->map(static fn (BrakePractice $one): array => [
                    'at' => $one->created_at->toIso8601ZuluString(), 'standing' => $one->standing->value,
                    'cause' => $one->cause, 'fault' => $one->fault, 'suspected' => $one->suspected,
                    'controls' => $one->controls,
                ])->all(),
        ];
    }
}
