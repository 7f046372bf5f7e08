<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use Illuminate\Console\Command;
use Pasada\Core\Progress\Yard\YardPlanner;
use Pasada\Core\Progress\Yard\YardReader;
use Pasada\Core\Progress\Yard\YardWriter;
use Symfony\Component\Console\Output\OutputInterface;

final class PlanYard extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:yard-plan {--input= : slots, instructors, vehicles and students (JSON)} '.
        '{--format=json : json or text}';

    protected $description = 'Plan who walks what and when, so that the most students can be expected to pass';

    public function handle(Documents $documents): int
    {
        return $this->formatIs(['json', 'text'])
            ? $this->reportingFaults(function () use ($documents): int {
                $file = $this->named('input');
                $week = (new YardReader)->read($documents->events($file, '--input'), $file);
                $planner = new YardPlanner;
                $plan = $planner->plan($week);
                $written = YardWriter::write($plan, $planner->firstCome($week));
                $this->output->writeln(
                    $this->named('format') === 'json' ? $this->json($written) : YardWriter::text($written),
                    OutputInterface::OUTPUT_RAW,
                );

                return self::SUCCESS;
            }) : self::INVALID;
    }
}
