<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Referring;

/** "The same as ...": what is carried over by word. */
final readonly class SaidReference
{
    /** @param  list<string>  $covers  families ("brake") or component ids */
    public function __construct(
        public int $from, public int $to, public ?string $axle, public array $covers, public string $kind,
    ) {}
}
