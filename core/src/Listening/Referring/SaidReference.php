<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Referring;

/** "The same as ...": what is carried over by word. */
final readonly class SaidReference
{
    /**
     * @param  list<string>  $covers  families ("brake") or component ids; empty for everything
     * @param  list<string>  $except  component ids or families that are left out: "all the same except the shocks"
     */
    public function __construct(
        public int $from, public int $to, public ?string $axle, public array $covers, public string $kind,
        public array $except = [],
    ) {}

    public function isFor(string $component): bool
    {
        $names = [$component, explode('.', $component)[0]];

        return ($this->covers === [] || array_intersect($names, $this->covers) !== []) &&
            array_intersect($names, $this->except) === [];
    }
}
