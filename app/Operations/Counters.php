<?php

declare(strict_types=1);

namespace App\Operations;

/** Numbers that only grow, of one server since it was started. */
interface Counters
{
    /**
     * @param  string  $name  as it is told, without the leading `pasada_`
     * @param  array<string, string>  $labels
     */
    public function add(string $name, array $labels = [], int $by = 1): void;

    /** @return array<string, int> by name and labels as Prometheus' text format writes them */
    public function all(): array;
}
