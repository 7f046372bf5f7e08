<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use Illuminate\Console\Command;
use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirScript;
use Pasada\Core\Brakes\Air\AirSystem;
use Pasada\Core\Brakes\Air\TraceWriter;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Document\Table;
use Symfony\Component\Console\Output\OutputInterface;

final class RunAir extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:air {--vehicle= : id of a shipped vehicle, or a file} {--script= : file of '.
        'controls over time} {--faults= : as leak:primary:6,governor-low,no-warning} {--format=csv : csv or json}';

    protected $description = 'Run the simulated air brake system and write the course of its pressures';

    public function handle(Documents $documents): int
    {
        return $this->formatIs(['csv', 'json'])
            ? $this->reportingFaults(function () use ($documents): int {
                $vehicle = $documents->vehicle($this->named('vehicle'));
                $script = AirScript::read(
                    $documents->events($this->named('script'), '--script'),
                    $this->named('script'),
                );
                $system = new AirSystem(
                    BrakedVehicle::of($vehicle)->makeup(),
                    AirFaults::read($this->named('faults')),
                    $script->startPsi,
                );
                $trace = $system->run($script->controls, $script->untilMs);
                $this->output->write(
                    $this->named('format') === 'json'
                        ? $this->json(TraceWriter::write($trace))."\n"
                        : Table::write(TraceWriter::COLUMNS, TraceWriter::rows($trace)),
                    false,
                    OutputInterface::OUTPUT_RAW,
                );

                return self::SUCCESS;
            }) : self::INVALID;
    }
}
