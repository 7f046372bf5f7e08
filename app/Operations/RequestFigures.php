<?php

declare(strict_types=1);

namespace App\Operations;

/** How many requests were answered, and how fast: by route, method and status; in buckets of seconds. */
final readonly class RequestFigures
{
    /** Upper edges in seconds: the aims of a mark (0.3) and of a page (1) are among them. */
    public const BUCKETS = ['0.01', '0.025', '0.05', '0.1', '0.3', '1', '3', '10', '+Inf'];

    private const BUCKET = 'request_seconds_bucket';

    private const TIME = 'request_microseconds_total';

    public function __construct(private Counters $counters) {}

    /** @param  float  $seconds  from the first line of ours to the answer */
    public function count(string $route, string $method, int $status, float $seconds): void
    {
        $where = ['route' => $route, 'method' => $method];
        $this->counters->add('requests_total', [...$where, 'status' => (string) $status]);
        $this->counters->add(self::TIME, $where, (int) round($seconds * 1e6));
        foreach (self::BUCKETS as $edge) {
            if ($edge === '+Inf' || $seconds <= (float) $edge) {
                $this->counters->add(self::BUCKET, [...$where, 'le' => $edge]);
            }
        }
    }

    /**
     * @param  array<string, int>  $counted
     * @return array<string, int|float> of each route its buckets in rising order, their sum and their count
     */
    public static function histogram(array $counted): array
    {
        $series = [];
        foreach ($counted as $name => $microseconds) {
            if (! str_starts_with($name, self::TIME.'{')) {
                continue;
            }
            $where = substr($name, strlen(self::TIME) + 1, -1);
            $count = 0;
            foreach (self::BUCKETS as $edge) {
                $bucket = sprintf('%s{%s,le="%s"}', self::BUCKET, $where, $edge);
                $series[$bucket] = $count = $counted[$bucket] ?? $count;
            }
            $series["request_seconds_sum{{$where}}"] = $microseconds / 1e6;
            $series["request_seconds_count{{$where}}"] = $count;
        }

        return $series;
    }
}
