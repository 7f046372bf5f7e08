<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** A figure that a checklist can set for a step, by its key in the open format. */
enum StepSetting: string
{
    case Low = 'low';
    case High = 'high';
    case SingleLow = 'single_low';
    case SingleHigh = 'single_high';
    case FromPsi = 'from_psi';
    case SlackSeconds = 'slack_seconds';
    case LeastRpm = 'least_rpm';
    case BuildFromPsi = 'build_from_psi';
    case BuildToPsi = 'build_to_psi';

    public function label(): string
    {
        return match ($this) {
            self::Low => 'From',
            self::High => 'At most',
            self::SingleLow => 'From, single vehicle',
            self::SingleHigh => 'At most, single vehicle',
            self::FromPsi => 'Started at no less than',
            self::SlackSeconds => 'A minute may be short by',
            self::LeastRpm => 'Engine speed, where needed',
            self::BuildFromPsi => 'Timed from',
            self::BuildToPsi => 'Timed to',
        };
    }
}
