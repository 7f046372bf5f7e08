<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

final readonly class FeatureSet
{
    /** @param  array<string, true>  $values */
    private function __construct(private array $values) {}

    public static function of(Feature ...$features): self
    {
        $values = [];
        foreach ($features as $feature) {
            $values[$feature->value] = true;
        }

        return new self($values);
    }

    public function with(self $other): self
    {
        return new self($this->values + $other->values);
    }

    public function has(Feature $feature): bool
    {
        return isset($this->values[$feature->value]);
    }

    /** @return list<string> */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }
}
