<?php

declare(strict_types=1);

namespace App\Database;

/** Which nodes of a replicated database were just seen away: not tried again for a moment, or every request waits. */
final class Nodes
{
    private const AWAY_SECONDS = 5;

    /** For how long a node that was in step is taken to be so; an error in between is tried again. */
    private const IN_STEP_SECONDS = 1;

    private const PREFIX = 'pasada-node:';

    /** @var array<string, array{bool, float}> */
    private array $own = [];

    /**
     * Those that are not away in the order of the setting, so that all servers write to the same one; behind them, as a
     * last try, the others.
     *
     * @param  list<string>  $addresses
     * @return list<string>
     */
    public function order(array $addresses): array
    {
        $away = array_filter($addresses, fn (string $address): bool => $this->seen($address) === false);

        return [...array_values(array_diff($addresses, $away)), ...array_values($away)];
    }

    /** Whether it was in step a moment ago. */
    public function isKnownInStep(string $address): bool
    {
        return $this->seen($address) === true;
    }

    public function note(string $address, bool $isInStep): void
    {
        $seconds = $isInStep ? self::IN_STEP_SECONDS : self::AWAY_SECONDS;
        $this->own[$address] = [$isInStep, microtime(true) + $seconds];
        if (SharedMemory::isThere()) {
            apcu_store(self::PREFIX.$address, $this->own[$address], $seconds + 1);
        }
    }

    private function seen(string $address): ?bool
    {
        $kept = SharedMemory::isThere() ? apcu_fetch(self::PREFIX.$address) : null;
        /** @var array{bool, float}|null $last */
        $last = is_array($kept) ? $kept : $this->own[$address] ?? null;

        return $last !== null && $last[1] > microtime(true) ? $last[0] : null;
    }
}
