<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

/** The parts that a name in somebody's list may mean. */
final readonly class RecognizedPart
{
    /** Cost up to which a name is believed without asking, and by how much the next one has to be worse. */
    private const SURE = 0.3;

    private const AHEAD = 0.08;

    /** @param  array<string, float>  $candidates  cost by component id, 0 for the same name, the best first */
    public function __construct(public array $candidates) {}

    /** The likeliest; null where nothing sounds like it. */
    public function best(): ?string
    {
        return array_key_first($this->candidates);
    }

    public function isSure(): bool
    {
        $costs = array_values($this->candidates);

        return $costs !== [] && $costs[0] <= self::SURE && ($costs[1] ?? 1.0) - $costs[0] >= self::AHEAD;
    }
}
