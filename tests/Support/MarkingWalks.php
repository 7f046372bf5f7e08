<?php

declare(strict_types=1);

namespace Tests\Support;

use CurlHandle;
use CurlMultiHandle;
use RuntimeException;

/**
 * Many walks scored at once, from one process: each is marked once a second and sends as the page does: what was
 * gathered in some seconds as one batch, and again, later and later, until the server says that it is kept.
 */
final class MarkingWalks
{
    /** As resources/js/shared/outbox/Delivery.ts waits between tries, in seconds. */
    private const FIRST_WAIT = 1.0;

    private const LONGEST_WAIT = 5.0;

    private const LONGEST_ANSWER_SECONDS = 10;

    /** As resources/js/shared/outbox/Outbox.ts does while nobody watches. */
    public const GATHER_SECONDS = 5;

    /** @var list<array{float, float}> seconds from the start when a request was answered, and the ms that it took */
    public array $answered = [];

    /** @var array<string, int> what was in the way, by words */
    public array $refused = [];

    /** @var array<int, list<string>> ids of acknowledged marks, by walk */
    public array $kept = [];

    /** Seconds that a walk at most waited for a batch to be kept, from when it was sent first. */
    public float $longestWait = 0.0;

    private CurlMultiHandle $all;

    /** @var array<int, array{int, float}> walk and start of requests under way, by handle */
    private array $under = [];

    /** @var array<int, true> walks of which a request is under way */
    private array $busy = [];

    /** @var array<int, list<array<string, mixed>>> what waits, by walk */
    private array $waiting = [];

    /** @var array<int, float> since when the batch of a walk has waited, seconds from the start */
    private array $since = [];

    /** @var array<int, float> when a walk sends next, seconds from the start */
    private array $next = [];

    /** @var array<int, float> */
    private array $pause = [];

    /** @var array<int, int> marks made so far, by walk */
    private array $made = [];

    /**
     * @param  list<string>  $attempts
     * @param  list<string>  $items  ids, marked one after the other, round and round
     * @param  list<list<string>>  $headers  of the signed-in page of each attempt's scorer
     */
    public function __construct(
        private readonly string $url, private readonly array $attempts, private readonly array $items,
        private readonly array $headers,
        /** How long a page gathers what is marked without a rest. */
        private readonly int $gatherSeconds = self::GATHER_SECONDS,
    ) {
        $this->all = curl_multi_init();
        curl_multi_setopt($this->all, CURLMOPT_MAXCONNECTS, count($attempts) + 20);
    }

    /**
     * Ends once the time is over and nothing waits any more; at the latest a minute after.
     *
     * @param  array<int, callable(): mixed>  $events  what is done so many seconds after the start; must not wait
     */
    public function run(int $seconds, array $events = []): void
    {
        ksort($events);
        $start = microtime(true);
        foreach (array_keys($this->attempts) as $n) {
            // Scorers do not start on the stroke: they are spread over that time.
            $this->next[$n] = $this->gatherSeconds * ($n / count($this->attempts) + 1);
            [$this->waiting[$n], $this->made[$n], $this->pause[$n]] = [[], 0, self::FIRST_WAIT];
            $this->kept[$n] = [];
        }
        do {
            $now = microtime(true) - $start;
            foreach ($events as $at => $do) {
                if ($at <= $now) {
                    unset($events[$at]);
                    $do();
                }
            }
            foreach ($this->next as $n => $due) {
                if ($due <= $now && ! isset($this->busy[$n])) {
                    $this->mark($n, min($now, $seconds));
                    $this->send($n, $now);
                }
            }
            $this->collect($start);
            curl_multi_select($this->all, 0.01);
        } while ($now < $seconds || ($this->isWaiting($seconds) && $now < $seconds + 60));
    }

    private function isWaiting(int $seconds): bool
    {
        return $this->under !== [] || array_filter($this->waiting) !== [] ||
            array_filter($this->made, static fn (int $made): bool => $made < $seconds) !== [];
    }

    /** As many as seconds have gone by. */
    private function mark(int $n, float $now): void
    {
        while ($this->made[$n] < (int) $now) {
            $turn = $this->made[$n]++;
            $this->waiting[$n][] = [
                'id' => sprintf('0190%04x-%04x-7000-8000-%012x', $n, $turn, random_int(0, 2 ** 47)),
                'at_ms' => $turn * 1000,
                'kind' => 'heard_whole',
                'item' => $this->items[$turn % count($this->items)],
            ];
        }
    }

    private function send(int $n, float $now): void
    {
        $this->next[$n] = $now + $this->gatherSeconds;
        if ($this->waiting[$n] === []) {
            return;
        }
        $this->since[$n] ??= $now;
        $handle = curl_init(sprintf('%s/api/v1/attempts/%s/marks', $this->url, $this->attempts[$n]));
        if ($handle === false) {
            throw new RuntimeException('curl gives no handle.');
        }
        curl_setopt_array($handle, [
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => (string) json_encode([
                'recorder' => sprintf('01900000-0000-7000-8000-%012x', $n),
                'marks' => $this->waiting[$n],
            ]),
            // Packed on the way as for a page, and left so: unpacking is the pages' affair, not this machine's.
            CURLOPT_HTTPHEADER => [...$this->headers[$n], 'Accept-Encoding: gzip'],
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => self::LONGEST_ANSWER_SECONDS,
            CURLOPT_PRIVATE => (string) count($this->waiting[$n]),
        ]);
        $this->under[spl_object_id($handle)] = [$n, microtime(true)];
        $this->busy[$n] = true;
        curl_multi_add_handle($this->all, $handle);
    }

    private function collect(float $start): void
    {
        curl_multi_exec($this->all, $running);
        while (($done = curl_multi_info_read($this->all)) !== false) {
            $handle = $done['handle'];
            assert($handle instanceof CurlHandle);
            [$n, $from] = $this->under[spl_object_id($handle)];
            unset($this->under[spl_object_id($handle)], $this->busy[$n]);
            $now = microtime(true);
            $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
            if ($status === 200) {
                $private = curl_getinfo($handle, CURLINFO_PRIVATE);
                $this->confirm($n, is_string($private) ? (int) $private : 0, $now - $start);
                $this->answered[] = [$now - $start, ($now - $from) * 1000];
            } else {
                $answer = json_decode((string) curl_multi_getcontent($handle), true);
                $detail = is_array($answer) && is_string($answer['detail'] ?? null) ? $answer['detail'] : '';
                $said = sprintf('%d %s', $status, mb_substr($detail, 0, 60));
                $this->refused[$said] = ($this->refused[$said] ?? 0) + 1;
                // By chance half to one and a half times as long, as the page does.
                $this->next[$n] = $now - $start + $this->pause[$n] * mt_rand(500, 1500) / 1000;
                $this->pause[$n] = min(2 * $this->pause[$n], self::LONGEST_WAIT);
            }
            curl_multi_remove_handle($this->all, $handle);
        }
    }

    private function confirm(int $n, int $marks, float $now): void
    {
        foreach (array_splice($this->waiting[$n], 0, $marks) as $mark) {
            $this->kept[$n][] = is_string($mark['id']) ? $mark['id'] : '';
        }
        $this->longestWait = max($this->longestWait, $now - $this->since[$n]);
        unset($this->since[$n]);
        $this->pause[$n] = self::FIRST_WAIT;
    }
}
