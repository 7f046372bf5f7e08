<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Place;
use Pasada\Core\Inspection\ReferenceChoices;
use Pasada\Core\Listening\Account;
use Pasada\Core\Listening\Evidence;
use Pasada\Core\Listening\Referring\SaidReference;

/** The references of an account as they would be marked: "drives same as the steer", "second axle the same". */
final readonly class CarriedOver
{
    /** How sure it is that a reference was meant for the place where it was said: an estimate, not learnt. */
    private const CONFIDENCE = 0.7;

    /** Words before a reference within which the axle is told for which it is said. */
    private const BEFORE_WORDS = 10;

    private WhichOne $which;

    public function __construct(private Inspection $inspection, private Account $account)
    {
        $this->which = WhichOne::in($account->words);
    }

    /** @return list<Suggestion> */
    public function suggestions(): array
    {
        $suggestions = [];
        foreach ($this->account->references as [$at, $reference]) {
            $text = implode(' ', $this->inside($reference));
            $evidence = new Evidence($at, $text, $reference->from, $reference->to);
            foreach ($this->sources($reference) as $id => $from) {
                $place = $this->inspection->place($id);
                $one = $place === null ? null : $this->suggestion($place, $from, $reference, $evidence);
                $suggestions = $one === null ? $suggestions : [...$suggestions, $one];
            }
        }

        return $suggestions;
    }

    private function suggestion(Place $place, string $from, SaidReference $reference, Evidence $evidence): ?Suggestion
    {
        $except = array_values(
            array_filter($place->items, static fn (Item $item): bool => ! $reference->isFor($item->component)),
        );
        if (count($except) === count($place->items)) {
            return null;
        }
        $mark = [
            'kind' => MarkKind::CarriedOver->value,
            'place' => $place->id,
            'from' => $from,
            'except' => array_map(static fn (Item $item): string => $item->id, $except),
        ];

        return new Suggestion(
            'reference '.$place->id.' '.$reference->from,
            null,
            $place->name.': the same as the '.($this->choices($place)[$from] ?? $from),
            self::CONFIDENCE,
            [$evidence],
            $evidence->stamp([$mark]),
            null,
        );
    }

    /** @return array<string, string> axle or side that is referred to, by the place for which it is said */
    private function sources(SaidReference $reference): array
    {
        if ($reference->kind === 'other_axle') {
            $places = array_values(
                array_filter(
                    $this->inspection->places,
                    static fn (Place $place): bool => $place->group !== null
                        && $place->group->value === $reference->axle,
                ),
            );
            $partner = $this->partner($reference);

            return $partner === null ? $this->fromAny($places) : $this->fromBefore($places, $partner);
        }
        $sources = [];
        foreach ($reference->kind === 'other_side' ? $this->inspection->places : [] as $place) {
            $sides = array_intersect_key($this->choices($place), ['left' => true, 'right' => true]);
            $sources[$place->id] = array_key_last($sides);
        }

        return array_filter($sources, static fn (?string $from): bool => $from !== null);
    }

    /**
     * "Drives, same as the steer": for every axle of the group.
     *
     * @param  list<Place>  $places  of one group
     * @return array<string, string>
     */
    private function fromAny(array $places): array
    {
        $sources = [];
        foreach ($places as $place) {
            $axles = array_diff_key($this->choices($place), ['left' => true, 'right' => true]);
            $sources[$place->id] = array_key_first($axles);
        }

        return array_filter($sources, static fn (?string $from): bool => $from !== null);
    }

    /**
     * "The second drive axle the same": for that one only, as the axle before it.
     *
     * @param  list<Place>  $places  of one group, of one or more stops
     * @return array<string, string>
     */
    private function fromBefore(array $places, int $number): array
    {
        $sources = $byStop = [];
        foreach ($places as $place) {
            $byStop[$place->stop][] = $place;
        }
        foreach ($byStop as $ofStop) {
            $at = match ($number) {
                WhichOne::LAST => count($ofStop) - 1,
                WhichOne::NEXT => 1,
                default => $number - 1,
            };
            $source = $ofStop[$at - 1]->axles[0] ?? '';
            if (isset($ofStop[$at], $this->choices($ofStop[$at])[$source])) {
                $sources[$ofStop[$at]->id] = $source;
            }
        }

        return $sources;
    }

    /** @return array<string, string> */
    private function choices(Place $place): array
    {
        return ReferenceChoices::at($this->inspection, $place);
    }

    /** Number of the axle in its group for which a reference is said, where words tell that it is not the first. */
    private function partner(SaidReference $reference): ?int
    {
        $told = $this->which->axle(max(0, $reference->from - self::BEFORE_WORDS), $reference->from);
        if ($told === null && ! in_array('as', $this->inside($reference), true)) {
            $told = $this->which->axle($reference->from, $reference->to);
        }

        return $told === null || $told[1] === 1 ? null : $told[1];
    }

    /** @return list<string> */
    private function inside(SaidReference $reference): array
    {
        return array_slice($this->account->words->text, $reference->from, $reference->to - $reference->from);
    }
}
