<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

/**
 * The parts that are known, as a checklist asks them, and the stops where they are usually asked: taken from a shipped
 * checklist that asks nearly all of them.
 */
final readonly class KnownParts
{
    /**
     * @param  array<string, array<mixed>>  $components  as a checklist writes them, by id
     * @param  array<string, list<array{id: string, name: string, zone: string, axles?: string}>>  $stops  usual
     *   ones, by component
     */
    private function __construct(public array $components, private array $stops) {}

    /** @param  array<mixed>  $document  a checklist that was read without faults, decoded */
    public static function of(array $document): self
    {
        $components = $stops = [];
        foreach (self::list($document, 'components') as $component) {
            if (is_string($component['id'] ?? null) && ! isset($component['parts'])) {
                $components[$component['id']] = $component;
            }
        }
        foreach (self::list($document, 'sections') as $section) {
            foreach (self::list($section, 'stops') as $stop) {
                /** @var array{id: string, name: string, zone: string, axles?: string} $place */
                $place = array_intersect_key($stop, ['id' => 0, 'name' => 0, 'zone' => 0, 'axles' => 0]);
                foreach (is_array($stop['asks'] ?? null) ? $stop['asks'] : [] as $id) {
                    if (is_string($id)) {
                        $stops[$id][] = $place;
                    }
                }
            }
        }

        return new self($components, $stops);
    }

    public function name(string $id): string
    {
        $name = $this->components[$id]['name'] ?? $id;

        return is_string($name) ? $name : $id;
    }

    /**
     * The stops where a part is usually asked; of those at axles the ones of the groups that are wanted.
     *
     * @param  list<string>  $axles  groups; empty for any
     * @return list<array{id: string, name: string, zone: string, axles?: string}>
     */
    public function stops(string $id, array $axles): array
    {
        $stops = $this->stops[$id] ?? [];
        $wanted = array_values(
            array_filter(
                $stops,
                static fn (array $stop): bool => ! isset($stop['axles']) || in_array($stop['axles'], $axles, true),
            ),
        );

        return $axles === [] || $wanted === [] ? $stops : $wanted;
    }

    public function isAtAxles(string $id): bool
    {
        return isset($this->stops[$id][0]['axles']);
    }

    /**
     * @param  array<mixed>  $of
     * @return list<array<mixed>>
     */
    private static function list(array $of, string $key): array
    {
        return is_array($of[$key] ?? null) ? array_values(array_filter($of[$key], is_array(...))) : [];
    }
}
