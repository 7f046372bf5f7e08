<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring\Order;

use Pasada\Core\Checklist\Rules\Direction;
use Pasada\Core\Checklist\Rules\TandemOrder;
use Pasada\Core\Checklist\Rules\WalkOrder;
use Pasada\Core\Inspection\Place;

/** One way in which axles may be worked: a direction at each, and a tandem axle by axle or part by part. */
final readonly class AxleWay
{
    private function __construct(public Direction $direction, public TandemOrder $tandem) {}

    /** @return non-empty-list<self> those that a checklist lets be taken, the one that it lists first */
    public static function allowedBy(WalkOrder $order): array
    {
        $isEitherWay = $order->direction === Direction::Kept;
        $directions = $isEitherWay ? [Direction::InsideOut, Direction::OutsideIn] : [$order->direction];
        $tandems = $order->tandem === TandemOrder::Kept ? [TandemOrder::Axle, TandemOrder::Part] : [$order->tandem];
        $ways = [];
        foreach ($directions as $direction) {
            foreach ($tandems as $tandem) {
                $ways[] = new self($direction, $tandem);
            }
        }

        return $ways;
    }

    /**
     * The places of a section as this way takes them; what is not at an axle stays where it is listed.
     *
     * @param  list<Place>  $places  as listed: from the inside out, axle by axle
     * @return list<Place>
     */
    public function of(array $places): array
    {
        $walked = $run = [];
        foreach ($places as $place) {
            if ($run !== [] && $run[0]->group !== $place->group) {
                array_push($walked, ...$this->ofAxles($run));
                $run = [];
            }
            if ($place->group === null) {
                $walked[] = $place;
            } else {
                $run[] = $place;
            }
        }

        return [...$walked, ...$this->ofAxles($run)];
    }

    /**
     * @param  list<Place>  $run  at axles of one group
     * @return list<Place>
     */
    private function ofAxles(array $run): array
    {
        $stops = $axles = [];
        foreach ($run as $place) {
            $stops[$place->stop] ??= count($stops);
            $axles[implode(' ', $place->axles)] ??= count($axles);
        }
        $turn = $this->direction === Direction::OutsideIn ? -1 : 1;
        $rank = fn (Place $place): array => $this->tandem === TandemOrder::Part
            ? [$turn * $stops[$place->stop], $axles[implode(' ', $place->axles)]]
            : [$axles[implode(' ', $place->axles)], $turn * $stops[$place->stop]];
        usort($run, static fn (Place $a, Place $b): int => $rank($a) <=> $rank($b));

        return $run;
    }
}
