<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use Illuminate\Console\Command;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetWriter;
use Symfony\Component\Console\Output\OutputInterface;

final class ScoreMarks extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:score {--checklist= : id of a shipped checklist, or a file} {--vehicle= : id of a '.
        'shipped vehicle, or a file} {--form= : id of a form of the checklist; without it, all is asked} {--marks= : '.
        'file of marks} {--format=json : json or text}';

    protected $description = 'Score a file of marks; the exit code is 0 for pass and fail alike';

    public function handle(Documents $documents, Coach $coach): int
    {
        return $this->formatIs(['json', 'text'])
            ? $this->reportingFaults(function () use ($documents, $coach): int {
                $inspection = $documents->inspection(
                    $this->named('checklist'),
                    $this->named('vehicle'),
                    $this->named('form'),
                );
                $sheet = ScoreSheet::ofInspection($inspection, $documents->marks($this->named('marks'), $inspection));
                $this->output->writeln(
                    $this->named('format') === 'json'
                        ? $this->json(SheetWriter::write($sheet))
                        : $this->account($sheet, $coach),
                    OutputInterface::OUTPUT_RAW,
                );

                return self::SUCCESS;
            }) : self::INVALID;
    }

    private function account(ScoreSheet $sheet, Coach $coach): string
    {
        $lines = [ucfirst($sheet->verdict->standing->value).'.'];
        foreach ($sheet->verdict->checks as $check) {
            $lines[] = rtrim(($check->met ? '  met      ' : '  not met  ').$check->said.' '.$check->enough);
        }
        foreach ($sheet->remarks as $remark) {
            $lines[] = '  remark   '.$remark;
        }
        foreach ($sheet->sections as $section) {
            $lines[] = sprintf("\n%s: %d of %d whole", $section->name, $section->score->whole, $section->score->asked);
            foreach ($sheet->outcomes as $outcome) {
                if ($outcome->item->section === $section->id && $outcome->isLesson()) {
                    $lines[] = sprintf(
                        '  %-9s%s',
                        $outcome->status->value,
                        $coach->sentence($outcome->item, $outcome->item->points),
                    );
                }
            }
        }
        $lines[] = sprintf(
            "\nOrder: %d of %d items out of place, %d returns.",
            count($sheet->order->outOfPlace),
            $sheet->order->named,
            $sheet->order->returns,
        );

        return implode("\n", $lines);
    }
}
