<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

use BackedEnum;
use JsonException;

/**
 * One value of a decoded JSON document together with its path.
 *
 * A wrong value is added to the faults and a harmless stand-in returned, so that one reading finds all
 * faults; what was read may only be used after `Faults::stopIfAny()`.
 */
final readonly class Node
{
    private const LONGEST_ID = 60;

    private const LONGEST_NAME = 160;

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

    public function string(string $key): string
    {
        return $this->child($key)->asString();
    }

    /** In small letters. */
    public function uuid(string $key): string
    {
        $id = strtolower($this->string($key));
        if (preg_match('/^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/D', $id) !== 1) {
            $this->child($key)->fault('asks for a UUID');
        }

        return $id;
    }

    public function stringOr(string $key, string $default): string
    {
        return $this->has($key) ? $this->string($key) : $default;
    }

    public function int(string $key, int $low, int $high): int
    {
        $node = $this->child($key);
        if (! is_int($node->value) || $node->value < $low || $node->value > $high) {
            $node->fault(sprintf('asks for a whole number from %d to %d', $low, $high));

            return $low;
        }

        return $node->value;
    }

    public function intOr(string $key, int $low, int $high, int $default): int
    {
        return $this->has($key) ? $this->int($key, $low, $high) : $default;
    }

    public function boolOr(string $key, bool $default): bool
    {
        if (! $this->has($key)) {
            return $default;
        }
        $node = $this->child($key);
        if (! is_bool($node->value)) {
            $node->fault('asks for true or false');

            return $default;
        }

        return $node->value;
    }

    /** A number as whole thousandths, exactly; null stays null. More than three decimals are a fault. */
    public function thousandths(string $key): ?int
    {
        $node = $this->child($key);
        if ($node->value === null) {
            return null;
        }
        if (! is_int($node->value) && ! is_float($node->value)) {
            $node->fault('asks for a number');

            return null;
        }
        $rounded = round($node->value * 1000);
        if (abs($node->value * 1000 - $rounded) > 1e-6 || abs($rounded) > 1e12) {
            $node->fault('has more than three decimals or is too large');

            return null;
        }

        return (int) $rounded;
    }

    public function asString(): string
    {
        if (! is_string($this->value) || trim($this->value) === '') {
            $this->fault('asks for a text that is not empty');

            return '';
        }
        if (preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', $this->value) === 1) {
            $this->fault('holds a control character; write it without');
        }

        return $this->value;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     */
    public function asEnum(string $enum): BackedEnum
    {
        $case = is_string($this->value) ? $enum::tryFrom($this->value) : null;
        if ($case === null) {
            $known = array_map(static fn (BackedEnum $one): string => (string) $one->value, $enum::cases());
            $said = is_string($this->value) ? sprintf('"%s" is not known', $this->value) : 'asks for a text';
            $near = is_string($this->value) ? self::nearest($this->value, $known) : null;
            $this->fault(
                $said.
                    ($near !== null ? sprintf('; did you mean "%s"?', $near) : '; it may be '.implode(', ', $known)),
            );

            return $enum::cases()[0];
        }

        return $case;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     */
    public function enum(string $key, string $enum): BackedEnum
    {
        return $this->child($key)->asEnum($enum);
    }

    /**
     * @template E of BackedEnum
     *
     * @param  E  $default
     * @return E
     */
    public function enumOr(string $key, BackedEnum $default): BackedEnum
    {
        return $this->has($key) ? $this->enum($key, $default::class) : $default;
    }

    /**
     * One of a few words that need no enum of their own.
     *
     * @template S of string
     *
     * @param  non-empty-list<S>  $choices
     * @param  S  $default
     * @return S
     */
    public function choiceOr(string $key, array $choices, string $default): string
    {
        if (! $this->has($key)) {
            return $default;
        }
        $said = $this->string($key);
        foreach ($choices as $choice) {
            if ($said === $choice) {
                return $choice;
            }
        }
        if ($said !== '') {
            $this->child($key)->fault(sprintf('"%s" is not known; it may be %s', $said, implode(', ', $choices)));
        }

        return $default;
    }

    /**
     * The value under `id`, in small letters, digits and single hyphens: it becomes part of addresses and file names.
     */
    public function id(): string
    {
        $id = $this->string('id');
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $id) !== 1 || strlen($id) > self::LONGEST_ID) {
            $this->child('id')->fault(
                sprintf('is written in small letters, digits and single hyphens, at most %d of them', self::LONGEST_ID),
            );
        }

        return $id;
    }

    /** A name on one line, as it stands in lists and headings. */
    public function name(): string
    {
        $name = $this->string('name');
        if (mb_strlen($name) > self::LONGEST_NAME || str_contains($name, "\n")) {
            $this->child('name')->fault(sprintf('is to be on one line of at most %d letters', self::LONGEST_NAME));
        }

        return $name;
    }

    /**
     * The value under `id`, in small letters, digits and single hyphens, and never twice.
     *
     * @param  array<string, true>  $seen  ids so far, by reference
     */
    public function uniqueId(array &$seen): string
    {
        $id = $this->id();
        if (isset($seen[$id])) {
            $this->child('id')->fault(sprintf('"%s" is used twice', $id));
        }
        $seen[$id] = true;

        return $id;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return list<E>
     */
    public function enums(string $key, string $enum): array
    {
        return array_map(static fn (self $node): BackedEnum => $node->asEnum($enum), $this->nodesOr($key));
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

    /** @return list<string> */
    public function strings(string $key): array
    {
        return array_map(static fn (self $node): string => $node->asString(), $this->nodesOr($key));
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
                $near = self::nearest((string) $key, array_values($keys));
                $this->child((string) $key)->fault(
                    'is not known here'.($near !== null ? sprintf('; did you mean "%s"?', $near) : ''),
                );
            }
        }
    }

    /** @param  list<string>  $known */
    private static function nearest(string $said, array $known): ?string
    {
        $best = null;
        // Two slips at the most, and fewer than half of a short word: beyond that a proposal misleads more than it
        // helps.
        $least = min(3, intdiv(strlen($said), 2) + 1);
        foreach ($known as $word) {
            $distance = levenshtein(substr($said, 0, 60), $word);
            if ($distance < $least) {
                [$best, $least] = [$word, $distance];
            }
        }

        return $best;
    }
}
