<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use App\Library\ListeningLibrary;
use Illuminate\Console\Command;
use Pasada\Core\Listening\AccountWriter;
use Pasada\Core\Listening\Listener;
use Symfony\Component\Console\Output\OutputInterface;

final class ListenToWalk extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:listen {file : captions (WebVTT, SRT), a text of what was said, or '.
        'pieces with the readings of a recognizer (JSON)} {--checklist= : '.
        'id of a shipped checklist, or a file; without it, the usual figures} {--vehicle=any : id of a shipped '.
        'vehicle, or a file; "any" assumes nothing} {--format=json : json or text}';

    protected $description = 'Find which parts and statements were said in a walk, with the words as evidence';

    public function handle(Documents $documents, ListeningLibrary $library): int
    {
        return $this->formatIs(['json', 'text'])
            ? $this->reportingFaults(function () use ($documents, $library): int {
                $transcript = $documents->transcript(is_string($this->argument('file')) ? $this->argument('file') : '');
                $listener = $this->listener($documents, $library);
                $account = $listener->listen($listener->understood($transcript));
                foreach ($transcript->warnings as $warning) {
                    $this->complain($warning);
                }
                $this->output->writeln(
                    $this->named('format') === 'json'
                        ? $this->json(AccountWriter::write($account))
                        : AccountWriter::text($account),
                    OutputInterface::OUTPUT_RAW,
                );

                return self::SUCCESS;
            }) : self::INVALID;
    }

    private function listener(Documents $documents, ListeningLibrary $library): Listener
    {
        if ($this->named('vehicle') !== 'any') {
            return $library->forInspection(
                $documents->checklist($this->named('checklist')),
                $documents->inspection($this->named('checklist'), $this->named('vehicle'), ''),
            );
        }

        return $this->named('checklist') === ''
            ? $library->forAnything()
            : $library->withFigures($documents->checklist($this->named('checklist'))->figures);
    }
}
