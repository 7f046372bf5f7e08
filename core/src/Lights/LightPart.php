<?php

declare(strict_types=1);

namespace Pasada\Core\Lights;

/** A part of the light check: one function, at one place or wherever this vehicle shows it. */
final readonly class LightPart
{
    /** @param  non-empty-list<LightPlace>  $places */
    private function __construct(
        public LightFunction $function,
        public array $places,
        /** Whether it is one place that is asked. */
        public bool $isOfPlace,
        /** So many parts make the check: each is worth so much of it. */
        public int $shareOf,
    ) {}

    /**
     * The parts of the check on a vehicle, in the order in which they are expected. All functions are worth the same,
     * and of a function all its places: together they are worth the check, or a rounded unit less.
     *
     * @param  list<LightPlace>  $of  places of the vehicle
     * @return list<self>
     */
    public static function all(array $of, bool $byPlace, bool $isRoute): array
    {
        $shown = array_values(array_filter(
            LightFunction::cases(), static fn (LightFunction $one): bool => $one->places($of) !== [],
        ));
        $parts = [];
        foreach ($shown as $turn => $function) {
            $places = $function->places($of);
            assert($places !== []);
            if (! $byPlace) {
                $parts[] = [0, $turn, new self($function, $places, false, count($shown))];

                continue;
            }
            foreach ($places as $place) {
                $parts[] = [
                    $isRoute ? (int) array_search($place, $of, true) : 0, $turn,
                    new self($function, [$place], true, count($shown) * count($places)),
                ];
            }
        }
        usort($parts, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_column($parts, 2);
    }

    /** As in an item's id: "left-turn", "left-turn.front". */
    public function key(): string
    {
        return $this->function->value.($this->isOfPlace ? '.'.$this->places[0]->value : '');
    }

    /** Where it is asked, as it is read; empty where it is asked everywhere at once. */
    public function where(): string
    {
        return $this->isOfPlace ? $this->places[0]->label() : '';
    }

    /** The words of "works": "shown working, amber: front, trailer side; red or amber: trailer rear". */
    public function say(): string
    {
        $byColor = [];
        foreach ($this->places as $place) {
            $byColor[(string) $this->function->color($place)][] = $place->label();
        }
        $said = [];
        foreach ($byColor as $color => $places) {
            $said[] = $color.' at the '.implode(' and the ', $places);
        }

        return 'shown working, '.implode(', ', $said);
    }
}
