<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use Illuminate\Console\Command;
use Pasada\Core\Document\Table;
use Pasada\Core\Inspection\ItemWriter;
use Symfony\Component\Console\Output\OutputInterface;

final class ListItems extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:items {--checklist= : id of a shipped checklist, or a file} {--vehicle= : id of a '.
        'shipped vehicle, or a file} {--form= : id of a form of the checklist; without it, all is asked} '.
        '{--format=json : json or csv}';

    protected $description = 'List what a checklist asks of a vehicle';

    public function handle(Documents $documents): int
    {
        return $this->formatIs(['json', 'csv'])
            ? $this->reportingFaults(function () use ($documents): int {
                $rows = ItemWriter::rows(
                    $documents->inspection($this->named('checklist'), $this->named('vehicle'), $this->named('form')),
                );
                if ($this->named('format') === 'json') {
                    $this->output->writeln($this->json(['items' => $rows]), OutputInterface::OUTPUT_RAW);
                } else {
                    $this->output->write(
                        Table::write(ItemWriter::COLUMNS, array_map(array_values(...), $rows)),
                        false,
                        OutputInterface::OUTPUT_RAW,
                    );
                }

                return self::SUCCESS;
            }) : self::INVALID;
    }
}
