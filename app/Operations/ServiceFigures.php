<?php

declare(strict_types=1);

namespace App\Operations;

use App\Models\Sound\SoundState;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Database\ConnectionInterface;
use Throwable;

/** All figures of one server, and those of what it shares with others, in Prometheus' text format. */
final readonly class ServiceFigures
{
    /** Type and help of what is counted while requests are answered, by the name of the series. */
    private const COUNTED = [
        'requests_total' => ['counter', 'Requests answered, by route, method and status.'],
        'marks_kept_total' => ['counter', 'Marks written.'],
        'marks_sent_again_total' => ['counter', 'Marks that came a second time and were there already.'],
        'tried_again_total' => ['counter', 'Requests begun anew, after a conflict or a lost connection.'],
    ];

    public function __construct(
        private Counters $counters, private Waiting $waiting, private ConnectionInterface $database,
        private Repository $settings, private NodesInStep $nodes,
    ) {}

    public function written(): string
    {
        $version = $this->settings->get('pasada.version');
        $text = (new PrometheusText)->add('build_info', 'gauge', 'The version that runs here.', [
            PrometheusText::series('build_info', ['version' => is_string($version) ? $version : '']) => 1,
        ]);
        foreach (self::COUNTED as $name => [$type, $help]) {
            $text->add($name, $type, $help, array_filter(
                $this->counters->all(),
                static fn (string $series): bool => $series === $name || str_starts_with($series, $name.'{'),
                ARRAY_FILTER_USE_KEY,
            ));
        }
        $text->add('request_seconds', 'histogram', 'How long requests took.', RequestFigures::histogram(
            $this->counters->all(),
        ));
        try {
            $this->shared($text);
            $text->add('database_up', 'gauge', 'Whether the database answers.', ['database_up' => 1]);
        } catch (Throwable) {
            $text->add('database_up', 'gauge', 'Whether the database answers.', ['database_up' => 0]);
        }

        return $text->written();
    }

    private function sounds(SoundState $state): int
    {
        return $this->database->table('walk_sounds')->where('state', $state->value)->count();
    }

    /** What is the same on every server. */
    private function shared(PrometheusText $text): void
    {
        $jobs = $ages = [];
        foreach (Waiting::QUEUES as $queue) {
            $jobs[PrometheusText::series('queue_jobs', ['queue' => $queue])] = $this->waiting->jobs($queue);
            $ages[PrometheusText::series('queue_oldest_seconds', ['queue' => $queue])] =
                $this->waiting->oldestSeconds($queue);
        }
        $text->add('queue_jobs', 'gauge', 'What waits to be worked on.', $jobs)
            ->add('queue_oldest_seconds', 'gauge', 'How long what came first has waited.', $ages)
            ->add('failed_jobs', 'gauge', 'What was given up after its last try.', [
                'failed_jobs' => $this->database->table('failed_jobs')->count(),
            ])
            ->add('recognizer_waiting', 'gauge', 'Recordings whose words are not worked out yet.', [
                'recognizer_waiting' => $this->sounds(SoundState::Waiting),
            ])
            ->add('recognizer_failed', 'gauge', 'Recordings that could not be heard.', [
                'recognizer_failed' => $this->sounds(SoundState::Failed),
            ]);
        if ($this->nodes->wanted() > 0) {
            $text->add('database_nodes', 'gauge', 'Nodes of the database that are in step.', [
                'database_nodes' => $this->nodes->there(),
            ]);
        }
    }
}
