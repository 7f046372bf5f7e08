<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/** How a Node reads numbers, and yes or no. */
trait ReadsNumbers
{
    public function int(string $key, int $low, int $high): int
    {
        $node = $this->child($key);
        if (! is_int($node->value) || $node->value < $low || $node->value > $high) {
            $node->fault(sprintf('asks for a whole number from %d to %d', $low, $high));

            return $low;
        }

        return $node->value;
    }

    public function intOr(string $key, int $low, int $high, int $default): int
    {
        return $this->has($key) ? $this->int($key, $low, $high) : $default;
    }

    public function boolOr(string $key, bool $default): bool
    {
        if (! $this->has($key)) {
            return $default;
        }
        $node = $this->child($key);
        if (! is_bool($node->value)) {
            $node->fault('asks for true or false');

            return $default;
        }

        return $node->value;
    }

    /** A number as whole thousandths, exactly; null stays null. More than three decimals are a fault. */
    public function thousandths(string $key): ?int
    {
        $node = $this->child($key);
        if ($node->value === null) {
            return null;
        }
        if (! is_int($node->value) && ! is_float($node->value)) {
            $node->fault('asks for a number');

            return null;
        }
        $rounded = round($node->value * 1000);
        if (abs($node->value * 1000 - $rounded) > 1e-6 || abs($rounded) > 1e12) {
            $node->fault('has more than three decimals or is too large');

            return null;
        }

        return (int) $rounded;
    }
}
