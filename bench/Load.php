<?php

declare(strict_types=1);

namespace Pasada\Bench;

use CurlHandle;
use CurlMultiHandle;
use RuntimeException;

/**
 * Many scorers at once, from one process, on loopback: each marks once a second and, as the page does, sends what it
 * gathered in three seconds as one batch. Bounded: so many scorers, so many seconds.
 */
final class Load
{
    private const GATHER_SECONDS = 3;

    /** @var list<float> milliseconds of every answered request */
    public array $times = [];

    /** @var array<string, int> what went wrong, by words */
    public array $errors = [];

    public int $sent = 0;

    private CurlMultiHandle $all;

    /** @var array<int, array{float, int}> start and marks of requests under way, by handle */
    private array $under = [];

    /**
     * @param  list<string>  $attempts
     * @param  list<string>  $items
     * @param  list<list<string>>  $headers  of the signed-in session of each attempt's scorer
     */
    public function __construct(
        private readonly string $url, private readonly array $attempts, private readonly array $items,
        private readonly array $headers,
    ) {
        $this->all = curl_multi_init();
        curl_multi_setopt($this->all, CURLMOPT_MAXCONNECTS, 220);
    }

    public function run(int $seconds): void
    {
        $start = microtime(true);
        $count = count($this->attempts);
        $next = [];
        // Scorers do not start on the stroke: they are spread over the three seconds.
        foreach ($this->attempts as $n => $attempt) {
            $next[$n] = $start + self::GATHER_SECONDS * $n / $count;
        }
        $batch = array_fill(0, $count, 0);
        do {
            $now = microtime(true);
            foreach ($next as $n => $due) {
                if ($due <= $now && $now - $start < $seconds) {
                    $this->send($n, $batch[$n]++);
                    $next[$n] = $due + self::GATHER_SECONDS;
                }
            }
            $this->collect();
            curl_multi_select($this->all, 0.004);
        } while ($now - $start < $seconds || $this->under !== []);
    }

    private function send(int $n, int $batch): void
    {
        $marks = [];
        for ($second = 0; $second < self::GATHER_SECONDS; $second++) {
            $turn = $batch * self::GATHER_SECONDS + $second;
            $marks[] = [
                'id' => sprintf('0190%04x-%04x-7000-8000-%012x', $n, $turn, random_int(0, 2 ** 47)),
                'at_ms' => $turn * 1000,
                'kind' => 'heard_whole',
                'item' => $this->items[$turn % count($this->items)],
            ];
        }
        $handle = curl_init(sprintf('%s/api/v1/attempts/%s/marks', $this->url, $this->attempts[$n]));
        if ($handle === false) {
            throw new RuntimeException('curl gives no handle.');
        }
        curl_setopt_array($handle, [
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => (string) json_encode([
                'recorder' => sprintf('01900000-0000-7000-8000-%012x', $n),
                'marks' => $marks,
            ]),
            CURLOPT_HTTPHEADER => $this->headers[$n],
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_ENCODING => '',
        ]);
        $this->under[spl_object_id($handle)] = [microtime(true), count($marks)];
        curl_multi_add_handle($this->all, $handle);
    }

    private function collect(): void
    {
        curl_multi_exec($this->all, $running);
        while (($done = curl_multi_info_read($this->all)) !== false) {
            $handle = $done['handle'];
            assert($handle instanceof CurlHandle);
            [$start, $marks] = $this->under[spl_object_id($handle)];
            unset($this->under[spl_object_id($handle)]);
            $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
            if ($status === 200) {
                $this->times[] = (microtime(true) - $start) * 1000;
                $this->sent += $marks;
            } else {
                $said = sprintf('%d %s', $status, mb_substr((string) curl_multi_getcontent($handle), 0, 120));
                $this->errors[$said] = ($this->errors[$said] ?? 0) + 1;
            }
            curl_multi_remove_handle($this->all, $handle);
        }
    }
}
