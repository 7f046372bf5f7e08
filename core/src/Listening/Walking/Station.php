<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Walking;

use Pasada\Core\Checklist\Zone;
use Pasada\Core\Vehicle\AxleGroup;

/** Where the speaker may stand; axles apart, because they have the same parts. The order is that of most walks. */
enum Station: string
{
    case Cab = 'cab';
    case Brakes = 'brakes';
    case Front = 'front';
    case EngineRight = 'engine-right';
    case EngineLeft = 'engine-left';
    case SteerAxle = 'axle:steer';
    case Side = 'side';
    case RearCab = 'rear-cab';
    case DriveAxle = 'axle:drive';
    case RearTractor = 'rear-tractor';
    case Coupling = 'coupling';
    case TrailerFront = 'trailer-front';
    case TrailerSide = 'trailer-side';
    case TrailerAxle = 'axle:trailer';
    case TrailerRear = 'trailer-rear';

    /** Pairs that are within sight or a step of each other, and what it costs, in hundredths, to name a part across. */
    private const NEAR = [
        'engine-right engine-left' => 20,
        'front engine-right' => 70,
        'front engine-left' => 80,
        'engine-left axle:steer' => 90,
        'engine-right axle:steer' => 130,
        'side rear-cab' => 40,
        'side axle:drive' => 70,
        'side axle:steer' => 110,
        'rear-cab axle:drive' => 80,
        'rear-cab coupling' => 70,
        'axle:drive rear-tractor' => 40,
        'rear-tractor coupling' => 60,
        'coupling axle:drive' => 80,
        'trailer-front trailer-side' => 50,
        'coupling trailer-side' => 110,
        'coupling trailer-front' => 110,
        'rear-cab trailer-front' => 90,
        'trailer-side axle:trailer' => 60,
        'axle:trailer trailer-rear' => 70,
        'trailer-side trailer-rear' => 90,
        'cab brakes' => 50,
    ];

    private const FAR = 150;

    public function axle(): ?AxleGroup
    {
        return match ($this) {
            self::SteerAxle => AxleGroup::Steer,
            self::DriveAxle => AxleGroup::Drive,
            self::TrailerAxle => AxleGroup::Trailer,
            default => null,
        };
    }

    /** As it is written: axles all lie in the zone "axle". */
    public function zone(): string
    {
        return $this->axle() === null ? $this->value : Zone::Axle->value;
    }

    /** What it costs, in hundredths, to name a part of the zone from here. */
    public function costOf(Zone $zone): int
    {
        if ($zone === Zone::Axle) {
            return $this->axle() === null ? self::FAR : 0;
        }
        $at = $zone === Zone::TrailerAxle ? self::TrailerAxle->value : $zone->value;

        return $this->value === $at
            ? 0
            : self::NEAR[$this->value.' '.$at] ?? (self::NEAR[$at.' '.$this->value] ?? self::FAR);
    }

    /** What it costs, in hundredths, to go on from here to there: less to the next place than past several or back. */
    public function costTo(self $there): int
    {
        $from = self::rank($this);
        $to = self::rank($there);

        return match (true) {
            $from === $to => 0,
            $to > $from => 70 + 14 * ($to - $from - 1),
            default => 130 + 12 * ($from - $to - 1),
        };
    }

    private static function rank(self $one): int
    {
        /** @var array<string, int>|null $ranks */
        static $ranks = null;
        $ranks ??= array_flip(array_column(self::cases(), 'value'));

        return $ranks[$one->value];
    }
}
