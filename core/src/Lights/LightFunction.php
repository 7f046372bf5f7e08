<?php

declare(strict_types=1);

namespace Pasada\Core\Lights;

/** What lamps do, in the order in which it is called from the cab. The values are stored: never rename. */
enum LightFunction: string
{
    case LowBeam = 'low-beam';
    case HighBeam = 'high-beam';
    case LeftTurn = 'left-turn';
    case RightTurn = 'right-turn';
    case FourWay = 'four-way';
    case Brake = 'brake';
    case Tail = 'tail';
    case Clearance = 'clearance';
    case SideMarkers = 'side-markers';
    case Plate = 'plate';
    case Reverse = 'reverse';

    public function label(): string
    {
        return match ($this) {
            self::LowBeam => 'Low beams',
            self::HighBeam => 'High beams',
            self::LeftTurn => 'Left turn signals',
            self::RightTurn => 'Right turn signals',
            self::FourWay => 'Four-way flashers',
            self::Brake => 'Brake lights',
            self::Tail => 'Tail and running lights',
            self::Clearance => 'Clearance and identification lights',
            self::SideMarkers => 'Side markers',
            self::Plate => 'License plate light',
            self::Reverse => 'Reverse lights',
        };
    }

    /**
     * The color that it shows at a place; null where it has no lamp there. 49 CFR 393.11, table 1; what a maker or a
     * state asks beyond it comes first.
     */
    public function color(LightPlace $at): ?string
    {
        $isFront = $at === LightPlace::Front;
        $isRear = $at === LightPlace::TruckRear || $at === LightPlace::TrailerRear;

        return match ($this) {
            self::LowBeam, self::HighBeam => $isFront ? 'white' : null,
            self::LeftTurn, self::RightTurn, self::FourWay => $isRear ? 'red or amber' : 'amber',
            self::Brake => $isRear ? 'red' : null,
            self::Tail => match (true) {
                $isRear => 'red', $isFront => 'amber or white', default => null,
            },
            self::Clearance => match (true) {
                $isRear => 'red', $isFront => 'amber', default => null,
            },
            self::SideMarkers => match ($at) {
                LightPlace::TractorSide => 'amber',
                LightPlace::TrailerSide => 'amber, red at the rear',
                default => null,
            },
            self::Plate => $isRear ? 'white' : null,
            // Asked of what drives: 49 CFR 393.11 wants none on a trailer.
            self::Reverse => $at === LightPlace::TruckRear ? 'white' : null,
        };
    }

    /**
     * @param  list<LightPlace>  $of  places of a vehicle
     * @return list<LightPlace> those at which it shows
     */
    public function places(array $of): array
    {
        return array_values(array_filter($of, fn (LightPlace $one): bool => $this->color($one) !== null));
    }
}
