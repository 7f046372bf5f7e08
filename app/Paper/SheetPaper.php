<?php

declare(strict_types=1);

namespace App\Paper;

use App\Actions\Walk\ReadSheet;
use App\Library\RecordDigest;
use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\Paper\PaperSize;
use App\Models\Signature;
use Pasada\Core\Attempt\Remark;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\PassCheck;
use Pasada\Core\Scoring\Said;
use Pasada\Core\Scoring\ScoreSheet;

/** The sheet of an attempt as a PDF: everything that a student, a school and an auditor ask of it. */
final readonly class SheetPaper
{
    public function __construct(
        private ReadSheet $sheets, private RecordDigest $digests, private Coach $coach, private Printer $printer,
    ) {}

    public function of(Attempt $attempt, PaperSize $size): string
    {
        $sheet = $this->sheets->handle($attempt);
        $digest = $this->digests->of($attempt);
        $at = $attempt->started_at->copy()->setTimezone($attempt->school->time_zone);
        $checklist = sprintf('%s, version %d', $attempt->checklist->name, $attempt->checklist->version);

        return $this->printer->print('sheet', [
            'student' => $attempt->student->name,
            'verdict' => match ($sheet->verdict->standing) {
                Standing::Passed => 'passed',
                Standing::Failed => 'not passed',
                Standing::Open => 'under way',
            },
            'percent' => Said::percent($sheet->overall->permille()),
            'about' => sprintf(
                '%s, %s. %s, %s. Scored by %s under %s%s. %s.', $attempt->school->name, $at->format('F j, Y, g:i a'),
                $attempt->mode->value === 'exam' ? 'An examination' : 'Practice', $attempt->vehicle->name,
                $attempt->scorer->name, $checklist,
                $sheet->inspection->form === null ? '' : ', '.$sheet->inspection->form->name,
                Said::clock(intdiv($sheet->walk->durationMs, 1000)).' in all'.($attempt->on_paper
                    ? ', scored on paper: when each part was said is not known' : ''),
            ),
            'marks' => array_map(
                static fn (PassCheck $check): string => ($check->met ? '✓ ' : '✗ ').$check->said,
                $sheet->verdict->checks,
            ),
            'sections' => $this->sections($sheet),
            'notes' => array_map(
                static fn (Remark $note): string => Said::clock(intdiv($note->atMs, 1000)).' '.$note->text,
                $sheet->walk->remarks,
            ),
            'amendments' => $attempt->amendments()->with('user')->get()->sortBy('position')->toBase()->map(
                static fn (Amendment $one): string => sprintf(
                    '%s, %s: %s', $one->made_at->toDateTimeString(), $one->by_name ?? $one->user->name, $one->reason,
                ),
            )->all(),
            'signatures' => $attempt->signatures()->get()->sortBy('id')->toBase()->map(
                static fn (Signature $one): string => sprintf(
                    '%s, %s, %s UTC, %s%s', $one->name, $one->party->value, $one->signed_at->toDateTimeString(),
                    $one->means->said($one->strokes === []),
                    $one->digest === null || hash_equals($one->digest, $digest) ? '' : '; the record was changed since',
                ),
            )->all(),
            'digest' => $digest,
            'id' => $attempt->id,
        ], $size, sprintf('%s · %s · %s', $attempt->student->name, $checklist, substr($digest, 0, 16)));
    }

    /** @return list<array{name: string, percent: string, time: string, items: list<array<string, string>>}> */
    private function sections(ScoreSheet $sheet): array
    {
        $of = [];
        foreach ($sheet->outcomes as $outcome) {
            $of[$outcome->item->section][] = $this->item($outcome);
        }
        $sections = [];
        foreach ($sheet->sections as $section) {
            $sections[] = [
                'name' => $section->name, 'percent' => Said::percent($section->score->permille()),
                'time' => Said::clock(intdiv($section->timeMs, 1000)), 'items' => $of[$section->id] ?? [],
            ];
        }

        return $sections;
    }

    /** @return array<string, string> */
    private function item(ItemOutcome $outcome): array
    {
        $words = fn (Point $point): string => $this->coach->label($point);
        $missing = array_map($words, $outcome->missing()->points());
        $wrong = array_map($words, $outcome->wrong()->points());
        $isWhole = $outcome->isEarned();

        return [
            'name' => $outcome->item->fullName(),
            'sign' => $isWhole ? '✓' : ($outcome->status->isLesson() ? '✗' : '·'),
            'status' => $outcome->status->said(),
            'missing' => implode('; ', array_filter([
                $isWhole || $missing === [] ? '' : implode(', ', $missing),
                $wrong === [] ? '' : 'wrong: '.implode(', ', $wrong),
                $outcome->defect === null ? '' : 'defect: '.$outcome->defect,
            ], static fn (string $part): bool => $part !== '')),
            'earned' => sprintf(
                '%s of %s', round($outcome->earned / Credit::UNIT, 2), round($outcome->possible / Credit::UNIT, 2),
            ),
        ];
    }
}
