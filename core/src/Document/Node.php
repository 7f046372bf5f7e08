<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

use JsonException;

/**
 * One value of a decoded JSON document together with its path.
 *
 * A wrong value is added to the faults and a harmless stand-in returned, so that one reading finds all
 * faults; what was read may only be used after `Faults::stopIfAny()`.
 */
final readonly class Node
{
    use ReadsChoices;
    use ReadsNumbers;
    use ReadsText;

    /** Twenty times the largest checklist that ships; beyond it, it is some other file. */
    public const LARGEST_BYTES = 2 * 1024 * 1024;

    private function __construct(private mixed $value, public string $path, private Faults $faults) {}

    public static function root(mixed $value, Faults $faults): self
    {
        return new self($value, '', $faults);
    }

    /** The root of a JSON text; a text that is no JSON is one fault that gives the parser's reason. */
    public static function parse(string $json, Faults $faults): self
    {
        // A byte-order mark is what some editors put in front of UTF-8; it carries no meaning.
        $json = str_starts_with($json, "\u{FEFF}") ? substr($json, 3) : $json;
        if (strlen($json) > self::LARGEST_BYTES) {
            $faults->add(
                '',
                sprintf(
                    'is larger than %d MB; no document of Pasada is, so this is some other file',
                    self::LARGEST_BYTES >> 20,
                ),
            );

            return new self([], '', $faults);
        }
        try {
            return new self(json_decode($json, true, 64, JSON_THROW_ON_ERROR), '', $faults);
        } catch (JsonException $error) {
            $faults->add(
                '',
                'this is not JSON ('.$error->getMessage().'); check for a missing comma, quote or bracket',
            );

            return new self([], '', $faults);
        }
    }

    public function fault(string $message): void
    {
        $this->faults->add($this->path, $message);
    }

    /** The value as it stands, for a reader of its own that checks it. */
    public function raw(): mixed
    {
        return $this->value;
    }

    public function has(string $key): bool
    {
        return is_array($this->value) && array_key_exists($key, $this->value);
    }

    public function child(string $key): self
    {
        $path = $this->path === '' ? $key : $this->path.'.'.$key;

        return new self(is_array($this->value) ? ($this->value[$key] ?? null) : null, $path, $this->faults);
    }

    /**
     * The entries of a list that must be there.
     *
     * @return list<self>
     */
    public function nodes(string $key): array
    {
        $node = $this->child($key);
        if (! is_array($node->value) || ! array_is_list($node->value) || $node->value === []) {
            $node->fault('asks for a list with at least one entry');

            return [];
        }

        return $this->nodesOr($key);
    }

    /**
     * The entries of a list that may be missing or empty.
     *
     * @return list<self>
     */
    public function nodesOr(string $key): array
    {
        $node = $this->child($key);
        if ($node->value === null) {
            return [];
        }
        if (! is_array($node->value) || ! array_is_list($node->value)) {
            $node->fault('asks for a list');

            return [];
        }
        $nodes = [];
        foreach ($node->value as $index => $value) {
            $nodes[] = new self($value, $node->path.'['.$index.']', $this->faults);
        }

        return $nodes;
    }

    /**
     * The entries of an object by their key; a missing object is empty.
     *
     * @return array<string, self>
     */
    public function entries(string $key): array
    {
        $node = $this->child($key);
        if ($node->value === null) {
            return [];
        }
        if (! is_array($node->value) || ($node->value !== [] && array_is_list($node->value))) {
            $node->fault('asks for an object');

            return [];
        }
        $entries = [];
        foreach (array_keys($node->value) as $name) {
            $entries[(string) $name] = $node->child((string) $name);
        }

        return $entries;
    }

    /** Anything but the named keys is a fault: a misspelt rule must not be passed over in silence. */
    public function only(string ...$keys): void
    {
        if (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value))) {
            $this->fault('asks for an object');

            return;
        }
        foreach (array_keys($this->value) as $key) {
            if (! in_array((string) $key, $keys, true)) {
                $near = Spelling::nearest((string) $key, array_values($keys));
                $this->child((string) $key)->fault(
                    'is not known here'.($near !== null ? sprintf('; did you mean "%s"?', $near) : ''),
                );
            }
        }
    }
}
