<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

final readonly class FeatureSet
{
    /** @param  array<string, true>  $values */
    private function __construct(
        private array $values,
        /** Whether it is of a vehicle that was described in the format before. */
        public bool $isOfOldFormat = false,
    ) {}

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
        return new self($this->values + $other->values, $this->isOfOldFormat || $other->isOfOldFormat);
    }

    /** The same, of a vehicle that was described in the format before. */
    public function ofOldFormat(): self
    {
        return new self($this->values, true);
    }

    public function has(Feature $feature): bool
    {
        return isset($this->values[$feature->value]);
    }

    /** The same, with no coupling but this one. */
    public function withoutCouplingsBut(?Hitch $hitch): self
    {
        $values = $this->values;
        foreach (Hitch::cases() as $other) {
            if ($other !== $hitch) {
                unset($values[$other->feature()->value]);
            }
        }

        return new self($values, $this->isOfOldFormat);
    }

    /** @param  list<non-empty-list<Feature>>  $needs  every entry must be met, each by any one of its features */
    public function meets(array $needs): bool
    {
        foreach ($needs as $anyOf) {
            $found = false;
            foreach ($anyOf as $feature) {
                $found = $found || $this->has($feature);
            }
            if (! $found) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }
}
