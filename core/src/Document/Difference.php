<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/** What two versions of a document have different. Entries of a list are told apart by their id, not by their place. */
final readonly class Difference
{
    /** Says nothing about what a document asks. */
    private const PASSED_OVER = ['$schema', 'version', 'format'];

    /** Lists whose entries stand one behind the other and have no id: they are told apart by their number. */
    private const NUMBERED = ['units', 'axles'];

    private const LONGEST = 160;

    /**
     * @param  array<mixed>  $before  decoded documents
     * @param  array<mixed>  $after
     * @return list<Change> in the order of the documents
     */
    public static function between(array $before, array $after): array
    {
        return self::entries($before, $after, []);
    }

    /**
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     * @param  list<string>  $where
     * @return list<Change>
     */
    private static function entries(array $before, array $after, array $where): array
    {
        $changes = [];
        foreach (array_keys($before + $after) as $key) {
            if ($where !== [] || ! in_array($key, self::PASSED_OVER, true)) {
                $changes = [
                    ...$changes,
                    ...self::values($before[$key] ?? null, $after[$key] ?? null, [
                        ...$where,
                        self::label($key, $before[$key] ?? ($after[$key] ?? null)),
                    ]),
                ];
            }
        }

        return $changes;
    }

    /**
     * @param  list<string>  $where
     * @return list<Change>
     */
    private static function values(mixed $before, mixed $after, array $where): array
    {
        if ($before === $after) {
            return [];
        }
        if (is_array($before) && is_array($after)) {
            if (self::hasIds($before) && self::hasIds($after)) {
                return [
                    ...self::entries(self::byId($before), self::byId($after), $where),
                    ...self::moved($before, $after, $where),
                ];
            }
            $isNumbered = in_array(end($where), self::NUMBERED, true);
            if ((! array_is_list($before) && ! array_is_list($after)) || $isNumbered) {
                return self::entries($before, $after, $where);
            }
        }

        return [new Change(implode(' › ', $where), self::said($before), self::said($after))];
    }

    /**
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     * @param  list<string>  $where
     * @return list<Change>
     */
    private static function moved(array $before, array $after, array $where): array
    {
        $was = array_keys(self::byId($before));
        $is = array_keys(self::byId($after));
        $kept = array_values(array_intersect($was, $is));
        $now = array_values(array_intersect($is, $was));

        return $kept === $now
            ? []
            : [new Change(implode(' › ', [...$where, 'order']), implode(', ', $kept), implode(', ', $now))];
    }

    /** @param  array<mixed>  $list */
    private static function hasIds(array $list): bool
    {
        foreach ($list as $entry) {
            if (! is_array($entry) || ! is_string($entry['id'] ?? null)) {
                return false;
            }
        }

        return array_is_list($list) && $list !== [];
    }

    /**
     * @param  array<mixed>  $list
     * @return array<string, mixed>
     */
    private static function byId(array $list): array
    {
        $byId = [];
        foreach ($list as $entry) {
            assert(is_array($entry) && is_string($entry['id'] ?? null));
            $byId[$entry['id']] = $entry;
        }

        return $byId;
    }

    private static function label(int|string $key, mixed $value): string
    {
        return match (true) {
            is_int($key) => (string) ($key + 1),
            is_array($value) && is_string($value['name'] ?? null) => $value['name'],
            default => str_replace('_', ' ', $key),
        };
    }

    private static function said(mixed $value): ?string
    {
        $text = match (true) {
            $value === null => null,
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => $value,
            is_array($value) && isset($value['name']) && is_string($value['name']) => $value['name'],
            is_array($value) && isset($value['kind']) && is_string($value['kind']) => $value['kind'],
            is_array($value) && array_is_list($value) && array_filter($value, is_string(...)) === $value => $value ===
            []
                ? 'none'
                : implode(', ', array_filter($value, is_string(...))),
            default => (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        };

        return $text === null || mb_strlen($text) <= self::LONGEST ? $text : mb_substr($text, 0, self::LONGEST - 1).'…';
    }
}
