<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

use Pasada\Core\Inspection\Item;
use Random\Randomizer;

/** What is said of parts, in everyday words. Written apart from the lexicon. */
final readonly class Sayings
{
    /** Ways to say a point. */
    private const OF = [
        'mounted' => [
            'securely mounted', 'mounted and secure', 'bolted on tight', 'tight', 'not loose', 'properly secured',
            'good and tight', 'secure', 'solid', 'mounted and secured', 'snug', 'on there tight', 'nothing loose',
        ],
        'intact' => [
            'not cracked bent or broken', 'no cracks', 'not damaged', 'no dents or cracks', 'in good shape',
            'nothing bent or broken', 'not bent', 'not cracked', 'no dents', 'not broken', 'no damage', 'straight',
            'no cracks no bends', 'not busted',
        ],
        'complete' => [
            'no missing bolts', 'nothing missing', 'no nuts or bolts missing', 'all hardware is there', 'none missing',
            'all there', 'nothing gone', 'every one of them there', 'all present',
        ],
        'sealed' => [
            'not leaking', 'no leaks', 'dry', "I don't see any leaks", 'no signs of leaking', 'nothing leaking',
            'no drips', 'no air leaking out',
        ],
        'rubber_ok' => [
            'no cuts or bulges', 'no abrasions bulges or cuts', 'not chafed', 'not dry rotted', 'no cuts',
            'not worn out',
            'no bulges no cuts',
        ],
        'wiring_ok' => [
            'no frayed wires', 'wires are not frayed or burnt', 'no bare wires', 'not frayed', 'no burnt wires',
        ],
        'level' => [
            'filled to the proper level', 'level is between add and full', 'the level is good', 'above the refill mark',
            'full to the line', 'between the two marks',
        ],
        'cap' => ['the cap is on tight', 'cap is secure', 'cap is on', 'has its cap'],
        'drive' => ['gear driven', 'belt driven', 'driven by a belt', 'driven by gears'],
        'belt_play' => [
            'no more than three quarters of an inch of play', 'three quarter inch play at the most',
            'half to three quarters of an inch',
        ],
        'rod_play' => [
            'no more than one inch of travel with the brakes released', 'moves an inch at most when I pull it by hand',
            'one inch by hand', 'no more than one inch',
        ],
        'steer_play' => ['no more than ten degrees of play', 'ten degrees play at most'],
        'no_welds' => ['no illegal welds', 'nobody welded on it', 'no unauthorized welds', 'no welds'],
        'clean' => ['clean', 'clean and clear', 'not dirty'],
        'works' => ['works properly', 'it works', 'working', 'comes on and goes off'],
        'adjusted' => ['adjusted to me', 'properly adjusted'],
        'thickness' => ['at least a quarter inch thick', 'no less than one quarter inch', 'quarter inch or more'],
        'no_contaminant' => [
            'no oil or grease on it', 'free of debris', 'no debris', 'no grease on it', 'no rocks in there',
        ],
        'even' => ['evenly worn', 'even wear', 'worn even all the way across'],
        'inflation' => ['inflated to a hundred psi with a gauge', '100 psi on the gauge', 'checked with a gauge'],
        'retread' => ['no recaps up here', 'not a recap'],
        'no_looseness' => ['no rust trails', 'no shiny threads or rust streaks', 'no rust running'],
        'not_shifted' => ['not shifted', 'no shifting', 'nothing shifted'],
        'greased' => ['well greased', 'properly lubricated', 'greased'],
        'locked' => ['locked', 'in the locked position', 'locked in place', 'latched'],
        'around_shank' => ['closed around the shank', 'around the shank'],
        'raised' => ['fully raised', 'all the way up'],
        'not_dragging' => ['not dragging', 'not tangled or pinched'],
        'seated' => ['the rubber seals are good', 'seals seated', 'plugged in tight'],
        'matched' => ['not touching', 'evenly spaced'],
        'charged' => ['fully charged with the needle in the green', 'charged', 'needle in the green'],
        'no_gap' => ['no gap', 'no daylight'],
        'clearance' => ['enough clearance', 'off the ground'],
    ];

    /** Small hardware of a part, and the point that it tells. */
    private const HARDWARE = [
        ['complete', ['all its bolts are there', 'none of the nuts missing', 'bolts all there', 'cotter pin is in it']],
        ['wiring_ok', ['its wires are not frayed', 'the wires on it are not burnt']],
        ['rubber_ok', ['its hose has no cuts', 'the bushings are not dry rotted']],
        ['mounted', ['its bracket is tight', 'all the bolts on it are tight']],
    ];

    public function __construct(private Randomizer $chance) {}

    /** @return list<string> codes of the points of an item that can be said */
    public static function sayable(Item $item): array
    {
        $codes = [];
        foreach ($item->points->points() as $point) {
            if (isset(self::OF[$point->value]) || in_array($point->value, ['depth', 'colour'], true)) {
                $codes[] = $point->value;
            }
        }

        return $codes;
    }

    public function of(string $code, Item $item, ?string $axle): string
    {
        if ($code === 'depth') {
            return $axle === 'steer' ? 'tread depth at least four thirty seconds' : 'two thirty seconds of tread';
        }
        if ($code === 'colour') {
            return match (true) {
                str_starts_with((string) ($item->say['colour'] ?? ''), 'red') => 'red',
                str_contains((string) ($item->say['colour'] ?? ''), 'clear') => 'white',
                default => 'amber',
            };
        }

        return self::OF[$code][$this->chance->getInt(0, count(self::OF[$code]) - 1)];
    }

    /**
     * @param  list<string>  $codes  that the part has
     * @return array{string, string}|null code and words
     */
    public function hardware(array $codes): ?array
    {
        $fitting = array_values(array_filter(
            self::HARDWARE, static fn (array $one): bool => in_array($one[0], $codes, true),
        ));
        if ($fitting === []) {
            return null;
        }
        [$code, $words] = $fitting[$this->chance->getInt(0, count($fitting) - 1)];

        return [$code, $words[$this->chance->getInt(0, count($words) - 1)]];
    }
}
