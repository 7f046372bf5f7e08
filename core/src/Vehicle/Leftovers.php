<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What a vehicle that was copied from another still says of that one, in words. */
final readonly class Leftovers
{
    /**
     * @param  array<mixed>  $copied  the document as it was copied
     * @param  array<mixed>  $now
     * @return list<string> what to look at before it is put in force; empty once all is its own
     */
    public static function of(array $copied, array $now): array
    {
        $left = [];
        foreach (['name' => 'Name', 'description' => 'What to know about it'] as $key => $label) {
            $said = self::text($now, $key);
            if ($said !== '' && $said === self::text($copied, $key)) {
                $left[] = sprintf('%s is still that of the other one: “%s”', $label, $said);
            }
        }
        foreach (['figures' => 'Its own figure', 'defects' => 'The defect'] as $key => $label) {
            foreach (self::kept($copied, $now, $key) as $entry) {
                $left[] = sprintf(
                    '%s at %s is still that of the other one (%s)', $label, self::text($entry, 'component'),
                    $key === 'figures' ? self::range($entry) : self::text($entry, 'what'),
                );
            }
        }

        return $left;
    }

    /**
     * @param  array<mixed>  $copied
     * @param  array<mixed>  $now
     * @return list<array<mixed>> entries that are there unchanged
     */
    private static function kept(array $copied, array $now, string $key): array
    {
        [$before, $after] = [$copied[$key] ?? [], $now[$key] ?? []];

        return ! is_array($before) || ! is_array($after) ? [] : array_values(
            // Decoded from JSON the same way, an entry that was not touched is the same to the letter.
            array_filter($after, static fn (mixed $one): bool => is_array($one) && in_array($one, $before, true)),
        );
    }

    /** @param  array<mixed>  $figure */
    private static function range(array $figure): string
    {
        $ends = array_filter([$figure['low'] ?? null, $figure['high'] ?? null], is_numeric(...));

        return implode(' to ', array_unique(array_map(strval(...), $ends)));
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }
}
