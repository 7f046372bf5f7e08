<?php

declare(strict_types=1);

namespace App\Operations;

/** What was found when one part of the service was looked at. */
final readonly class Check
{
    private function __construct(
        public string $name, public CheckState $state,
        /** For operators: what was seen, and what to do about it. */
        public string $says,
    ) {}

    public static function ok(string $name, string $says = ''): self
    {
        return new self($name, CheckState::Ok, $says);
    }

    public static function warning(string $name, string $says): self
    {
        return new self($name, CheckState::Warning, $says);
    }

    public static function failed(string $name, string $says): self
    {
        return new self($name, CheckState::Failed, $says);
    }
}
