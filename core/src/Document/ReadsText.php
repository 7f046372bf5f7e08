<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/** How a Node reads texts, ids and names. */
trait ReadsText
{
    private const LONGEST_ID = 60;

    private const LONGEST_NAME = 160;

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

    /** @return list<string> */
    public function strings(string $key): array
    {
        return array_map(static fn (self $node): string => $node->asString(), $this->nodesOr($key));
    }
}
