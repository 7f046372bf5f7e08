<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What one section asks for; null is as for the other sections. */
final readonly class SectionMark
{
    public function __construct(public ?int $percent, public ?int $missesAllowed) {}
}
