<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use Illuminate\Console\Command;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\Events\EventFile;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\JudgmentWriter;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Symfony\Component\Console\Output\OutputInterface;

final class JudgeBrakes extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:brakes {--checklist= : id of a shipped checklist, or a file} {--vehicle= : id of '.
        'a shipped vehicle, or a file} {--events= : file of observed events, as JSON or as a table, or a trace of '.
        'pressures} {--format=json : json or text}';

    protected $description = 'Judge the brake tests from a list of observed events; the exit code is 0 for pass and '.
        'fail alike';

    public function handle(Documents $documents): int
    {
        return $this->formatIs(['json', 'text'])
            ? $this->reportingFaults(function () use ($documents): int {
                $sequence = $documents->checklist($this->named('checklist'))->brakeSequence();
                if ($sequence->steps === []) {
                    throw DocumentHasFaults::in('--checklist', [
                        Fault::at('rules.brake_tests.steps', 'names no test; list them in their order'),
                    ]);
                }
                $vehicle = $documents->vehicle($this->named('vehicle'));
                $events = EventFile::read($documents->events($this->named('events')), $this->named('events'));
                $judgment = (new Judge($sequence, BrakedVehicle::of($vehicle)))->judge($events);
                $this->output->writeln(
                    $this->named('format') === 'json'
                        ? $this->json(JudgmentWriter::write($judgment))
                        : JudgmentWriter::text($judgment),
                    OutputInterface::OUTPUT_RAW,
                );

                return self::SUCCESS;
            }) : self::INVALID;
    }
}
