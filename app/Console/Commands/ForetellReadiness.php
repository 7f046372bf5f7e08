<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use Illuminate\Console\Command;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Progress\History\HistoryReader;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Progress\Readiness\ReadinessWriter;
use Pasada\Core\Vehicle\Vehicle;
use Pasada\Core\Vehicle\VehicleReader;
use Symfony\Component\Console\Output\OutputInterface;

final class ForetellReadiness extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:readiness {--history= : what students earned, with checklist and vehicle (JSON)} '.
        '{--format=json : json or text}';

    protected $description = 'Tell how likely students are to pass, how sure that is, and what to practice next';

    public function handle(Documents $documents): int
    {
        return $this->formatIs(['json', 'text'])
            ? $this->reportingFaults(function () use ($documents): int {
                $file = $this->named('history');
                $text = $documents->events($file, '--history');
                $read = json_decode($text, true);
                if (! is_array($read)) {
                    throw DocumentHasFaults::in($file, [Fault::at(
                        '', 'this is not JSON ('.json_last_error_msg().'); check for a missing comma, quote or bracket',
                    )]);
                }
                $readiness = Readiness::under(
                    $this->checklist($documents, $read['checklist'] ?? ''),
                    $this->vehicle($documents, $read['vehicle'] ?? ''),
                );
                $history = (new HistoryReader)->read($text, $readiness->plan->ids, $file);
                if ($history->unknown !== []) {
                    $count = count($history->unknown);
                    $this->complain(sprintf(
                        '%d %s not asked by this checklist on this vehicle and left out: %s', $count,
                        $count === 1 ? 'item is' : 'items are', implode(', ', array_slice($history->unknown, 0, 5)),
                    ));
                }
                $school = $readiness->school($history->students);
                $written = [];
                foreach ($history->students as $past) {
                    $one = $readiness->of($school, $past);
                    if ($this->named('format') === 'text') {
                        $told = $one === null
                            ? $past->id.': '.ReadinessWriter::NOTHING_KNOWN."\n"
                            : ReadinessWriter::text($one);
                        $this->output->write($told, false, OutputInterface::OUTPUT_RAW);
                    } else {
                        $written[] = $one === null
                            ? ReadinessWriter::nothingKnown($past->id)
                            : ReadinessWriter::write($one, $readiness->plan);
                    }
                }
                if ($this->named('format') === 'json') {
                    $this->output->writeln($this->json(['students' => $written]), OutputInterface::OUTPUT_RAW);
                }

                return self::SUCCESS;
            }) : self::INVALID;
    }

    /** By its id, or as a document in the history itself. */
    private function checklist(Documents $documents, mixed $named): Checklist
    {
        return is_array($named)
            ? (new ChecklistReader)->read((string) json_encode($named), 'checklist')
            : $documents->checklist(is_string($named) ? $named : '');
    }

    private function vehicle(Documents $documents, mixed $named): Vehicle
    {
        return is_array($named)
            ? (new VehicleReader)->read((string) json_encode($named), 'vehicle')
            : $documents->vehicle(is_string($named) ? $named : '');
    }
}
