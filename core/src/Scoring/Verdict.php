<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** Pass or fail with the reasons; "open" while neither is sure. */
final readonly class Verdict
{
    /** @param  non-empty-list<PassCheck>  $checks */
    private function __construct(public Standing $standing, public array $checks) {}

    /** @param  non-empty-list<PassCheck>  $checks */
    public static function of(array $checks, bool $finished): self
    {
        $met = ! in_array(false, array_map(static fn (PassCheck $check): bool => $check->met, $checks), true);
        $reachable = ! in_array(false, array_map(static fn (PassCheck $check): bool => $check->reachable, $checks), true);

        return new self(match (true) {
            $met => Standing::Passed,
            $finished || ! $reachable => Standing::Failed,
            default => Standing::Open,
        }, $checks);
    }
}
