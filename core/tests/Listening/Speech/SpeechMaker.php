<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Place;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Speaks an invented walk over any vehicle and checklist, in a style, and knows what it said. Same seed, same walk. */
final class SpeechMaker
{
    /** Words for several parts at once. */
    private const JOINT = [
        'are all', 'all', 'both of them', 'are', 'every one of them', 'whole lot', 'they are all', '',
    ];

    private const FAMILIES = ['susp', 'brake', 'wheel'];

    private readonly Randomizer $chance;

    private readonly Sayings $sayings;

    private readonly Talk $talk;

    /** @var list<string> */
    private array $sentences = [];

    /** @var array<string, list<string>> */
    private array $truth = [];

    /** @var list<array{int, int, string, list<string>}> */
    private array $said = [];

    public function __construct(
        private readonly Inspection $inspection, private readonly Style $style, int $seed,
        private readonly ?Aliases $aliases = null,
    ) {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->sayings = new Sayings($this->chance);
        $this->talk = new Talk($this->chance);
    }

    public function speak(): Speech
    {
        $referred = 0;
        foreach ($this->inspection->places as $place) {
            $axle = $place->group?->value;
            if ($this->style === Style::References && $axle !== null && $axle !== 'steer') {
                $this->sentences[] = sprintf('now this %s axle I check it the same as the front axle', $axle);
                $referred += count(self::FAMILIES);

                continue;
            }
            $this->place($place, $axle);
        }

        return new Speech($this->sentences, $this->truth, $this->said, $referred);
    }

    private function place(Place $place, ?string $axle): void
    {
        $items = array_values(array_filter(
            $place->items,
            static fn (Item $item): bool => $item->fitted && Sayings::sayable($item) !== [],
        ));
        if ($axle !== null && $items !== [] && $this->chance->getInt(1, 100) <= 75) {
            $this->sentences[] = $this->talk->place($axle);
        }
        $names = [];
        for ($n = 0; $n < count($items);) {
            if ($this->does(Habit::Bare) && $n + 3 < count($items)) {
                $group = array_slice($items, $n, $this->chance->getInt(3, 4));
                $n += count($group);
                array_map(fn (Item $item) => $this->said($item, $axle, ['identified']), $group);
                $this->sentences[] = implode(' ', array_map($this->name(...), $group));

                continue;
            }
            $many = $this->does(Habit::Joint) ? $this->chance->getInt(2, 4) : 1;
            $group = array_slice($items, $n, $many);
            $codes = $this->pick($group);
            if ($codes === []) {
                $group = [$items[$n]];
                $codes = $this->pick($group);
            }
            $n += count($group);
            $first = count($this->said);
            $this->sentences = [...$this->sentences, ...$this->sentence($group, $codes, $axle, $items)];
            // Some take several sentences.
            for ($one = $first; $one < count($this->said); $one++) {
                $this->said[$one][1] = count($this->sentences) - 1;
            }
            $names = [...$names, ...array_map($this->name(...), $group)];
            $this->besides($names, $items, $axle);
        }
    }

    /**
     * @param  list<string>  $names  spoken of at this place
     * @param  list<Item>  $items
     */
    private function besides(array $names, array $items, ?string $axle): void
    {
        if ($this->does(Habit::Aside)) {
            $this->sentences[] = $this->talk->aside();
        }
        if ($this->does(Habit::Warning)) {
            $this->sentences[] = $this->talk->warning($axle === null ? $this->name($this->any($items)) : 'front');
        }
        if ($this->does(Habit::Recap) && count($names) > 2) {
            $this->sentences[] = $this->talk->recap(implode(' ', array_slice($names, -5)));
        }
    }

    /** @param  list<string>  $codes */
    private function said(Item $item, ?string $axle, array $codes): void
    {
        $key = $item->component.'@'.$axle;
        $this->said[] = [count($this->sentences), count($this->sentences), $key, $codes];
        $all = array_values(array_unique([...$this->truth[$key] ?? [], ...$codes]));
        $this->truth[$key] = count($all) > 1 ? array_values(array_diff($all, ['identified'])) : $all;
    }

    /**
     * @param  non-empty-list<Item>  $group
     * @return list<string> points that all of them have, one to four
     */
    private function pick(array $group): array
    {
        $codes = array_values(array_intersect(...array_map(Sayings::sayable(...), [...$group, $group[0]])));
        if ($codes === []) {
            return [];
        }
        $keys = $this->chance->pickArrayKeys($codes, min(count($codes), $this->chance->getInt(1, 4)));

        return array_map(static fn (int $key): string => $codes[$key], $keys);
    }

    /**
     * @param  non-empty-list<Item>  $group
     * @param  list<string>  $codes
     * @param  list<Item>  $around
     * @return list<string>
     */
    private function sentence(array $group, array $codes, ?string $axle, array $around): array
    {
        $said = array_map(fn (string $code): string => $this->sayings->of($code, $group[0], $axle), $codes);
        $names = array_map($this->name(...), $group);
        $other = $this->name($this->any($around));
        $isOne = count($group) === 1;
        $extra = $isOne && $this->does(Habit::Hardware)
            ? $this->sayings->hardware(array_diff(Sayings::sayable($group[0]), $codes))
            : null;
        $isFirst = $this->does(Habit::StatedFirst);
        $isAhead = $isOne && count($said) === 1 && $this->does(Habit::Ahead);
        $isFastened = ! $isFirst && ! $isAhead && $isOne && in_array('mounted', Sayings::sayable($group[0]), true)
            && ! in_array('mounted', $codes, true) && $this->does(Habit::Attached);
        foreach ($group as $item) {
            $this->said($item, $axle, [
                ...$codes, ...$extra === null ? [] : [$extra[0]], ...$isFastened ? ['mounted'] : [],
            ]);
        }
        if ($isFirst) {
            return [implode(' ', $said).' '.$this->listed($names).($extra === null ? '' : ' '.$extra[1])];
        }
        if ($isAhead) {
            return [$said[0].' on the '.$names[0].($extra === null ? '' : ' '.$extra[1])];
        }
        $statement = implode($this->chance->getInt(0, 2) === 0 ? ' and ' : ' ', $said);
        $statement = $this->does(Habit::Correction) && in_array('depth', $codes, true)
            ? str_replace(['at least four', 'two thirty'], ['two no sorry four', 'four no wait two thirty'], $statement)
            : $statement;
        $middle = match (true) {
            $isFastened => $this->talk->fastened($other === $names[0] ? 'frame' : $other).' ',
            $other === $names[0] => '',
            $this->does(Habit::Attached) => $this->talk->where($other).' ',
            $this->does(Habit::Purpose) => $this->talk->purpose($other).' ',
            $this->does(Habit::Comparison) => $this->talk->comparison($other).' ',
            default => '',
        };
        $tail = $extra === null ? '' : ' '.$extra[1];
        if (! $isOne && $this->chance->getInt(0, 3) === 0) {
            return [...$names, trim($this->talk->one(self::JOINT).' '.$statement)];
        }
        if (! $isOne) {
            return [$this->listed($names).' '.trim($this->talk->one(self::JOINT).' '.$statement)];
        }
        if ($this->does(Habit::Question)) {
            return [$this->talk->question($names[0]), trim($middle.$statement.$tail)];
        }
        $name = $this->does(Habit::Opened) ? $this->talk->opening($names[0]) : $names[0];
        $is = str_ends_with($names[0], 's') ? ['are ', 'they are '] : ['is ', 'it is '];
        $verb = $middle === '' ? $this->talk->one([...$is, '', '', '']) : '';

        return [$name.' '.$middle.$verb.$statement.$tail];
    }

    /** @param  non-empty-list<string>  $names */
    private function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === []
            ? $last
            : implode(' ', $names).$this->talk->one([' and ', ' ', ' and the ']).$last;
    }

    private function name(Item $item): string
    {
        $short = (string) preg_replace(['/ (or|with a|and level|in general) ?.*/', '~ / .*~'], '', $item->name);
        $also = $this->aliases?->of($item->component) ?? [];

        return mb_strtolower($also !== [] && $this->chance->getInt(0, 3) === 0 ? $this->talk->one($also) : $short);
    }

    /** @param  non-empty-list<Item>|list<Item>  $items */
    private function any(array $items): Item
    {
        return $items[$this->chance->getInt(0, count($items) - 1)];
    }

    private function does(Habit $habit): bool
    {
        return $this->chance->getInt(1, 100) <= $this->style->leaning($habit);
    }
}
