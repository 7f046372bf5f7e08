<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Brakes\Judging\Standing;

/** Pass or fail with the reasons; "open" while neither is sure. */
final readonly class Verdict
{
    /** @param  non-empty-list<PassCheck>  $checks */
    private function __construct(public Standing $standing, public array $checks) {}

    /** @param  non-empty-list<PassCheck>  $checks */
    public static function of(array $checks, bool $finished): self
    {
        $met = array_filter($checks, static fn (PassCheck $check): bool => ! $check->met) === [];
        $reachable = array_filter($checks, static fn (PassCheck $check): bool => ! $check->reachable) === [];

        return new self(match (true) {
            $met => Standing::Passed,
            $finished || ! $reachable => Standing::Failed,
            default => Standing::Open,
        }, $checks);
    }

    /** What it rests on: the first rule of the pass mark that is not met, in words; null where all are. */
    public function reason(): ?string
    {
        foreach ($this->checks as $check) {
            if (! $check->met) {
                return $check->said;
            }
        }

        return null;
    }
}
