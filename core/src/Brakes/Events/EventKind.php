<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

use Pasada\Core\Brakes\Spoken;

/** What is observed. The values are stored and sent: never rename one. */
enum EventKind: string
{
    case Key = 'key';
    case Engine = 'engine';
    case Rpm = 'rpm';
    /** Pushed in (brakes released) or pulled out by hand. */
    case TractorValve = 'tractor-valve';
    case TrailerValve = 'trailer-valve';
    case HandValve = 'hand-valve';
    case Pedal = 'pedal';
    /** Pressed and let up several times in a row, as before a hydraulic pedal is held. */
    case Pumped = 'pumped';
    /** A hydraulic pedal held down stayed where it was, or sank. */
    case PedalHeld = 'pedal-held';
    /** Where it is no valve: a lever, a pedal or a switch. */
    case ParkingBrake = 'parking-brake';
    case Clutch = 'clutch';
    case Gear = 'gear';
    case Belt = 'belt';
    case Chocks = 'chocks';
    case Reading = 'reading';
    /** The dryer purges: the governor has cut out. */
    case CutOut = 'cut-out';
    /** The needles rise again: the governor has cut in. */
    case CutIn = 'cut-in';
    /** Lamp or buzzer. */
    case Warning = 'warning';
    /** A valve came out by itself. */
    case Popped = 'popped';
    case MinuteStarted = 'minute-started';
    case MinuteEnded = 'minute-ended';
    /** A gentle pull against a brake: held or moved. */
    case Tug = 'tug';
    case Rolling = 'rolling';
    /** Came to a stop from rolling: straight, or with a pull. */
    case Stopped = 'stopped';
    case Said = 'said';
    /** The words themselves; what they mean for the tests is read from them. */
    case Spoken = 'spoken';
    /** Begun again from the beginning. */
    case Restarted = 'restarted';

    /** What the air system or its gauges tell; nobody in the cab makes it happen. */
    public function isOfTheSystem(): bool
    {
        return in_array($this, [self::Reading, self::CutOut, self::CutIn, self::Warning, self::Popped], true);
    }

    public function isParkingValve(): bool
    {
        return $this === self::TractorValve || $this === self::TrailerValve;
    }

    /** Whether its figure is one of its own, and no pressure of a gauge. */
    public function hasOwnFigure(): bool
    {
        return $this === self::Rpm || $this === self::Rolling || $this === self::Said;
    }

    /** @return list<string> the values that `to` may have; empty where the event has none */
    public function states(): array
    {
        return match ($this) {
            self::Key, self::Engine, self::Belt, self::HandValve => ['on', 'off'],
            self::TractorValve, self::TrailerValve, self::Chocks => ['in', 'out'],
            self::Pedal, self::Clutch => ['down', 'up'],
            self::PedalHeld => ['firm', 'sank'],
            self::ParkingBrake => ['set', 'released'],
            self::Gear => ['neutral', 'low', 'other'],
            self::Popped => ['tractor', 'trailer', 'both'],
            self::Tug => ['held', 'moved'],
            self::Stopped => ['straight', 'pulled'],
            self::Said => array_column(Spoken::cases(), 'value'),
            self::Rpm,
            self::Pumped,
            self::Reading,
            self::CutOut,
            self::CutIn,
            self::Warning,
            self::Spoken,
            self::MinuteStarted,
            self::MinuteEnded,
            self::Rolling,
            self::Restarted => [],
        };
    }
}
