<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Speaks an invented walk over any vehicle and checklist, in a style, and knows what it said. Same seed, same walk. */
final class SpeechMaker
{
    /** Ways to say a point; "%s" is the name of a figure that is right. Written apart from the lexicon. */
    private const SAYINGS = [
        'mounted' => [
            'securely mounted', 'mounted and secure', 'bolted on tight', 'tight', 'not loose', 'properly secured',
        ],
        'intact' => [
            'not cracked bent or broken', 'no cracks', 'not damaged', 'no dents or cracks', 'in good shape',
            'nothing bent or broken',
        ],
        'complete' => ['no missing bolts', 'nothing missing', 'no nuts or bolts missing', 'all hardware is there'],
        'sealed' => ['not leaking', 'no leaks', 'dry', "I don't see any leaks", 'no signs of leaking'],
        'rubber_ok' => ['no cuts or bulges', 'no abrasions bulges or cuts', 'not chafed', 'not dry rotted'],
        'wiring_ok' => [
            'no frayed wires', 'wires are not frayed or burnt', 'plugged in and not frayed', 'no bare wires',
        ],
        'level' => [
            'filled to the proper level', 'level is between add and full', 'the level is good', 'above the refill mark',
        ],
        'cap' => ['the cap is on tight', 'cap is secure'],
        'drive' => ['gear driven', 'belt driven'],
        'belt_play' => ['no more than three quarters of an inch of play', 'three quarter inch play at the most'],
        'rod_play' => [
            'no more than one inch of travel with the brakes released',
            'moves an inch at most when I pull it by hand',
        ],
        'steer_play' => ['no more than ten degrees of play', 'ten degrees play at most'],
        'no_welds' => ['no illegal welds', 'nobody welded on it', 'no unauthorized welds'],
        'clean' => ['clean', 'clean and clear', 'not blocked by dirt'],
        'works' => ['works properly', 'it works', 'working'],
        'adjusted' => ['adjusted to me', 'properly adjusted'],
        'thickness' => ['at least a quarter inch thick', 'no less than one quarter inch'],
        'no_contaminant' => ['no oil or grease on it', 'free of debris', 'no debris'],
        'even' => ['evenly worn', 'even wear'],
        'inflation' => ['inflated to a hundred psi with a gauge', '100 psi on the gauge'],
        'no_looseness' => ['no rust trails', 'no shiny threads or rust streaks'],
        'not_shifted' => ['not shifted', 'no shifting', 'nothing shifted'],
        'greased' => ['well greased', 'properly lubricated'],
        'locked' => ['locked', 'in the locked position', 'locked in place'],
        'around_shank' => ['closed around the shank'],
        'raised' => ['fully raised', 'all the way up'],
        'not_dragging' => ['not dragging', 'not tangled or pinched'],
        'seated' => ['the rubber seals are good', 'seals seated'],
        'matched' => ['not touching', 'evenly spaced'],
        'charged' => ['fully charged with the needle in the green', 'charged'],
    ];

    private const ASIDES = [
        'people always forget this one so slow down here',
        'and do not let the examiner rush you',
        'I had a student last week who walked right past it',
        'yes ma\'am go ahead',
        'okay so let us keep going',
        'you can take your time with this',
        'what do we say next anybody',
        'write that down if you need to',
        'the sun is really in my eyes today',
    ];

    private readonly Randomizer $chance;

    public function __construct(private readonly Inspection $inspection, private readonly Style $style, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public function speak(): Speech
    {
        $sentences = [];
        $truth = [];
        $referred = [];
        foreach ($this->inspection->places as $place) {
            $axle = $place->group?->value;
            if ($this->style === Style::References && $axle !== null && $axle !== 'steer') {
                $families = ['susp' => 'suspension', 'brake' => 'brakes', 'wheel' => 'wheels'];
                if (! isset($referred[$place->id])) {
                    $sentences[] = sprintf('now this %s axle I check it the same as the front axle', $axle);
                    $referred[$place->id] = array_keys($families);
                }

                continue;
            }
            $items = array_values(
                array_filter(
                    $place->items,
                    fn (Item $item): bool => $item->fitted && isset($item->component) && $this->sayable($item) !== [],
                ),
            );
            for ($n = 0; $n < count($items);) {
                $many =
                    $this->style === Style::Joint && $n + 2 < count($items) && $this->chance->getInt(0, 2) === 0
                        ? $this->chance->getInt(2, 3)
                        : 1;
                $group = array_slice($items, $n, $many);
                $codes = $this->pick($group);
                if ($codes === []) {
                    $group = [$items[$n]];
                    $codes = $this->pick($group);
                }
                $n += count($group);
                foreach ($group as $item) {
                    $truth[$item->component.'@'.$axle] = array_values(
                        array_unique([...$truth[$item->component.'@'.$axle] ?? [], ...$codes]),
                    );
                }
                $sentences[] = $this->sentence($group, $codes, $axle);
                if ($this->style === Style::Teaching && $this->chance->getInt(0, 4) === 0) {
                    $sentences[] = self::ASIDES[$this->chance->getInt(0, count(self::ASIDES) - 1)];
                }
            }
        }

        return new Speech($sentences, $truth, count($referred));
    }

    /** @return list<string> */
    private function sayable(Item $item): array
    {
        $codes = [];
        foreach ($item->points->points() as $point) {
            if (isset(self::SAYINGS[$point->value]) || in_array($point->value, ['depth', 'colour'], true)) {
                $codes[] = $point->value;
            }
        }

        return $codes;
    }

    /**
     * @param  non-empty-list<Item>  $group
     * @return list<string> points that all of them have, one to three
     */
    private function pick(array $group): array
    {
        $codes = array_values(
            array_intersect(
                ...[
                    ...array_map($this->sayable(...), $group),
                    ...count($group) === 1 ? [$this->sayable($group[0])] : [],
                ],
            ),
        );
        if ($codes === []) {
            return [];
        }
        $keys = $this->chance->pickArrayKeys($codes, min(count($codes), $this->chance->getInt(1, 3)));

        return array_map(static fn (int $key): string => $codes[$key], $keys);
    }

    /**
     * @param  non-empty-list<Item>  $group
     * @param  list<string>  $codes
     */
    private function sentence(array $group, array $codes, ?string $axle): string
    {
        $short = static fn (Item $item): string => (string) preg_replace('/ (or|with a) .*/', '', $item->name);
        $names = array_map(static fn (Item $item): string => mb_strtolower($short($item)), $group);
        $last = array_pop($names);
        $name = $names === [] ? $last : implode(', ', $names).' and '.$last;
        $said = array_map(fn (string $code): string => $this->saying($code, $group[0], $axle), $codes);
        $statement =
            count($said) > 1 ? implode(' ', array_slice($said, 0, -1)).' and '.$said[count($said) - 1] : $said[0];

        return match ($this->style) {
            Style::Terse => $name.' '.implode(' ', $said),
            Style::NamesLast => implode(' ', $said).' '.$name,
            Style::Joint => $name.' '.($names === [] ? 'is' : 'are all').' '.$statement,
            default => [
                'this is my '.$name.' ', 'next my '.$name.' it is ', 'my '.$name.' is ', 'here is the '.$name.' ',
            ][$this->chance->getInt(0, 3)].$statement,
        };
    }

    private function saying(string $code, Item $item, ?string $axle): string
    {
        if ($code === 'depth') {
            return $axle === 'steer' ? 'tread depth at least four thirty seconds' : 'two thirty seconds of tread';
        }
        if ($code === 'colour') {
            return str_starts_with((string) ($item->say['colour'] ?? ''), 'red')
                ? 'red'
                : (str_contains((string) ($item->say['colour'] ?? ''), 'clear')
                    ? 'white'
                    : 'amber');
        }

        return self::SAYINGS[$code][$this->chance->getInt(0, count(self::SAYINGS[$code]) - 1)];
    }
}
