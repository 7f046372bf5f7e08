<?php

declare(strict_types=1);

namespace Pasada\Core\Catalogue;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** What else parts are called in the yard, read from catalogue/aliases.json. */
final readonly class Aliases
{
    /** @param  array<string, list<string>>  $aliases  by component id */
    private function __construct(private array $aliases) {}

    /** @throws DocumentHasFaults if an alias is empty or no text */
    public static function read(string $json, string $name = 'aliases.json'): self
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        $root->only('aliases');
        $aliases = [];
        foreach (array_keys($root->entries('aliases')) as $component) {
            $aliases[$component] = $root->child('aliases')->strings($component);
        }
        $faults->stopIfAny($name);

        return new self($aliases);
    }

    /** @return list<string> */
    public function of(string $component): array
    {
        return $this->aliases[$component] ?? [];
    }
}
