<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

/** A note the scorer took, on an item or on the walk as a whole. */
final readonly class Remark
{
    public function __construct(public string $markId, public int $atMs, public string $text, public ?string $item) {}
}
