<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Library\ListeningLibrary;
use Illuminate\Console\Command;
use Pasada\Core\Listening\Lexicon\LexiconCheck;

final class CheckLexicon extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:lexicon';

    protected $description = 'Check the words the listener knows, and show which parts have names that sound the same';

    public function handle(ListeningLibrary $library): int
    {
        return $this->reportingFaults(function () use ($library): int {
            $lexicon = $library->lexicon();
            $this->output->writeln(
                sprintf(
                    '%d parts, %d kinds of statement, %d names and words.',
                    count($lexicon->parts),
                    count($lexicon->statements),
                    count($lexicon->entries),
                ),
            );
            foreach (LexiconCheck::collisions($lexicon) as $one) {
                $this->output->writeln(
                    sprintf(
                        '%s  "%s" (%s) and "%s" (%s)',
                        $one['by_place'] ? 'by place ' : 'COLLISION',
                        $one['name'],
                        $one['part'],
                        $one['meets'],
                        $one['other'],
                    ),
                );
            }

            return self::SUCCESS;
        });
    }
}
