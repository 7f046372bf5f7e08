<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Walking;

use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Part;

/**
 * Where the speaker stands at every mention: the path over the whole walk that explains best what was named, found by
 * the Viterbi recursion. Naming a part again costs nothing: people recapitulate and teach, and a charge for it
 * outweighed every other sign.
 */
final readonly class PlaceTracker
{
    /**
     * The most that one mention may cost, in hundredths: a single name that was misheard must not pull the whole path.
     * From 60 to 130 it makes little difference on spoken walks.
     */
    private const MOST = 100;

    /** A name that costs more where the speaker stands, in hundredths, was no name there: words that sound like one. */
    private const TOO_DEAR = 110;

    /** Cost of standing elsewhere than a place word says. */
    private const PLACE_WORD = 130;

    /** Cost in hundredths of a name that other parts share. */
    private const SHARED_NAME = 25;

    /** What the next best part may cost more, in hundredths, to be named as a runner-up. */
    private const CLOSE = 60;

    /** @param  array<string, Part>  $parts */
    public function __construct(private array $parts) {}

    /**
     * @param  list<Mention>  $mentions
     * @param  array<int, string>  $placeWords  name of a place by index of the word where it is said
     * @return array{list<Placed>, list<array{int, Station}>} what was placed, and the route: word index and place,
     *   where it changes
     */
    public function place(array $mentions, array $placeWords): array
    {
        $events = [];
        foreach ($mentions as $mention) {
            $events[] = [$mention->from, $mention];
        }
        foreach ($placeWords as $at => $name) {
            $events[] = [$at, Station::from($name)];
        }
        usort($events, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $standings = Station::cases();
        $moves = array_map(static fn (Station $from): array => array_map($from->costTo(...), $standings), $standings);
        $dearest = max(array_merge(...$moves));
        // Most walks begin at the cab or the front, but a recording may begin anywhere.
        $costs = [];
        foreach (array_keys($standings) as $rank) {
            $costs[$rank] = 3 * $rank;
        }
        $back = [];
        foreach ($events as $n => [$at, $event]) {
            $ofMention = $event instanceof Mention ? $this->costsOf($event, $standings) : [];
            $fit = $this->fit($event, $ofMention, $standings);
            $next = $from = [];
            // What costs more than the dearest way from the cheapest place is no way to anywhere.
            $limit = min($costs) + $dearest;
            $near = array_filter($costs, static fn (int $cost): bool => $cost <= $limit);
            foreach ($standings as $s => $standing) {
                $best = PHP_INT_MAX;
                $bestFrom = $s;
                foreach ($near as $r => $cost) {
                    $total = $cost + $moves[$r][$s];
                    if ($total < $best) {
                        $best = $total;
                        $bestFrom = $r;
                    }
                }
                $next[$s] = $best + $fit[$s];
                $from[$s] = $bestFrom;
            }
            $costs = $next;
            $back[$n] = [$from, $ofMention];
        }

        return $this->readBack($events, $standings, $costs, $back);
    }

    /**
     * What each part that a mention may be costs at each place.
     *
     * @param  list<Station>  $standings
     * @return array<string, list<int>> by component id and rank of the place
     */
    private function costsOf(Mention $mention, array $standings): array
    {
        /** @var array<string, list<int>> $ofZones */
        static $ofZones = [];
        $costs = [];
        foreach ($mention->candidates as $id => [$cost, $kind]) {
            $part = $this->parts[$id];
            $own = (int) ($cost * 600) + ($kind === EntryKind::PartWhereFitting ? self::SHARED_NAME : 0);
            $ofZone = $ofZones[$part->zone->value] ??= array_map(
                static fn (Station $standing): int => $standing->costOf($part->zone),
                $standings,
            );
            // Chocks and points of contact are spoken of anywhere.
            $costs[$id] = $part->family() === 'safety'
                ? array_fill(0, count($standings), $own)
                : array_map(static fn (int $away): int => $own + $away, $ofZone);
        }

        return $costs;
    }

    /**
     * @param  array<string, list<int>>  $ofMention  of costsOf()
     * @param  list<Station>  $standings
     * @return list<int> what it costs to have said this at each place
     */
    private function fit(Mention|Station $event, array $ofMention, array $standings): array
    {
        if ($event instanceof Station) {
            return array_map(
                static fn (Station $one): int => $one === $event ? 0 : min(self::MOST, self::PLACE_WORD),
                $standings,
            );
        }
        $least = array_fill(0, count($standings), $ofMention === [] ? 0 : PHP_INT_MAX);
        foreach ($ofMention as $at) {
            foreach ($at as $s => $cost) {
                if ($cost < $least[$s]) {
                    $least[$s] = $cost;
                }
            }
        }
        foreach ($least as $s => $cost) {
            $least[$s] = min(self::MOST, $event->isPassing ? intdiv($cost, 4) : $cost);
        }

        return $least;
    }

    /** @param  array<string, list<int>>  $costs  of costsOf() */
    private function likeliest(Mention $mention, array $costs, int $standing): ?Placed
    {
        $best = $second = null;
        $least = $next = PHP_INT_MAX;
        foreach ($costs as $id => $at) {
            $total = $at[$standing];
            if ($total < $least) {
                [$second, $next, $best, $least] = [$best, $least, $id, $total];
            } elseif ($total < $next) {
                [$second, $next] = [$id, $total];
            }
        }

        return $best === null || $least > self::TOO_DEAR
            ? null
            : new Placed(
                $mention, $this->parts[$best], Station::cases()[$standing], $least, $mention->candidates[$best][1],
                $second !== null && $next - $least < self::CLOSE ? $second : null,
            );
    }

    /**
     * @param  list<array{int, Mention|Station}>  $events
     * @param  list<Station>  $standings
     * @param  array<int, int>  $costs
     * @param  array<int, array{array<int, int>, array<string, list<int>>}>  $back  by event: place before, by
     *   place, and what costsOf() gave
     * @return array{list<Placed>, list<array{int, Station}>}
     */
    private function readBack(array $events, array $standings, array $costs, array $back): array
    {
        if ($events === [] || $costs === []) {
            return [[], []];
        }
        $at = array_keys($costs, min($costs), true)[0];
        $placed = $route = [];
        for ($n = count($events) - 1; $n >= 0; $n--) {
            [$word, $event] = $events[$n];
            $one = $event instanceof Mention ? $this->likeliest($event, $back[$n][1], $at) : null;
            if ($one !== null) {
                $placed[] = $one;
            }
            $before = $back[$n][0][$at];
            if ($n === 0 || $before !== $at) {
                $route[] = [$word, $standings[$at]];
            }
            $at = $before;
        }

        return [array_reverse($placed), array_reverse($route)];
    }
}
