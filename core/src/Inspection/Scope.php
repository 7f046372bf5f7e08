<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

/**
 * What of an inspection somebody practices: all of it, a section, a place, an axle or one item. Written "whole",
 * "section:engine", "place:engine", "axle:drive-1", "item:engine.radiator".
 */
final readonly class Scope
{
    private const WHOLE = 'whole';

    private function __construct(public string $kind, private string $id) {}

    public static function of(string $written): self
    {
        [$kind, $id] = [...explode(':', $written, 2), ''];

        return new self($kind, $id);
    }

    /** @return list<self> all of it, then its sections, places and axles in walking order */
    public static function choicesOf(Inspection $inspection): array
    {
        $choices = [self::WHOLE => new self(self::WHOLE, '')];
        foreach (array_keys($inspection->sections) as $id) {
            $choices["section:$id"] = new self('section', $id);
        }
        foreach ($inspection->places as $place) {
            $choices["place:$place->id"] = new self('place', $place->id);
        }
        foreach ($inspection->items as $item) {
            $axle = $item->position->axle;
            if ($axle !== null) {
                $choices["axle:$axle"] = new self('axle', $axle);
            }
        }

        return array_values($choices);
    }

    /** @return Inspection|null with what is in it only; null where this inspection has nothing of it */
    public function in(Inspection $inspection): ?Inspection
    {
        return match ($this->kind) {
            self::WHOLE => $this->id === '' ? $inspection : null,
            'section' => $inspection->only(fn (Item $item, Place $place): bool => $place->section === $this->id),
            'place' => $inspection->only(fn (Item $item, Place $place): bool => $place->id === $this->id),
            'axle' => $inspection->only(fn (Item $item): bool => $item->position->axle === $this->id),
            'item' => $inspection->only(fn (Item $item): bool => $item->id === $this->id),
            default => null,
        };
    }

    /** As it is read: "The whole vehicle", "Engine", "steer axle"; empty where this inspection has nothing of it. */
    public function label(Inspection $inspection): string
    {
        $in = $this->in($inspection);
        if ($in === null) {
            return '';
        }
        $first = $in->places[0]->items[0];

        return match ($this->kind) {
            'section' => $inspection->sections[$this->id]->name ?? '',
            'place' => $in->places[0]->name,
            'axle' => ucfirst($first->position->axleLabel()),
            'item' => $first->name,
            default => 'The whole vehicle',
        };
    }

    public function written(): string
    {
        return $this->kind.($this->id === '' ? '' : ":$this->id");
    }
}
