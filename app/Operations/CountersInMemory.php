<?php

declare(strict_types=1);

namespace App\Operations;

use APCUIterator;
use App\Database\SharedMemory;

/** Kept in the memory that the workers of php-fpm share; on the command line, in that of the one process. */
final class CountersInMemory implements Counters
{
    private const PREFIX = 'pasada-counter:';

    /** @var array<string, int> */
    private array $own = [];

    public function add(string $name, array $labels = [], int $by = 1): void
    {
        $key = PrometheusText::series($name, $labels);
        if (SharedMemory::isThere()) {
            apcu_inc(self::PREFIX.$key, $by);
        } else {
            $this->own[$key] = ($this->own[$key] ?? 0) + $by;
        }
    }

    public function all(): array
    {
        if (! SharedMemory::isThere()) {
            return $this->own;
        }
        $all = [];
        foreach (new APCUIterator('/^'.self::PREFIX.'/', APC_ITER_KEY | APC_ITER_VALUE) as $entry) {
            /** @var array{key: string, value: int} $entry */
            $all[substr($entry['key'], strlen(self::PREFIX))] = $entry['value'];
        }

        return $all;
    }
}
