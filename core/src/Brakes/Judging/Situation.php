<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;

/** The state of the cab at one moment. A valve that is in has its brakes released. */
final readonly class Situation
{
    public function __construct(
        public bool $key = false,
        public bool $engine = false,
        public float $rpm = 0,
        public bool $tractorIn = false,
        public bool $trailerIn = false,
        public bool $handOn = false,
        public bool $pedalDown = false,
        public bool $clutchDown = false,
        public string $gear = 'neutral',
        public bool $belt = false,
        public bool $chocked = false,
        /** The parking brake that is no valve. */
        public bool $parked = false,
        public bool $pumped = false,
    ) {}

    public function after(BrakeEvent $event): self
    {
        $is = static fn (string $state): bool => $event->to === $state;

        return match ($event->kind) {
            EventKind::Key => $this->with(key: $is('on'), engine: $is('on') && $this->engine),
            EventKind::Engine => $this->with(engine: $is('on'), key: $this->key || $is('on')),
            EventKind::Rpm => $this->with(rpm: $event->primary ?? 0),
            EventKind::TractorValve => $this->with(tractorIn: $is('in')),
            EventKind::TrailerValve => $this->with(trailerIn: $is('in')),
            EventKind::HandValve => $this->with(handOn: $is('on')),
            EventKind::Pedal => $this->with(pedalDown: $is('down')),
            EventKind::Pumped => $this->with(pumped: true),
            EventKind::ParkingBrake => $this->with(parked: $is('set')),
            EventKind::Clutch => $this->with(clutchDown: $is('down')),
            EventKind::Gear => $this->with(gear: $event->to),
            EventKind::Belt => $this->with(belt: $is('on')),
            EventKind::Chocks => $this->with(chocked: $is('in')),
            EventKind::Popped => $this->with(
                tractorIn: $this->tractorIn && $is('trailer'),
                trailerIn: $this->trailerIn && $is('tractor'),
            ),
            default => $this,
        };
    }

    /** @return array<string, string> where each control stands, by kind in the open format */
    public function states(): array
    {
        $on = static fn (bool $is): string => $is ? 'on' : 'off';
        $in = static fn (bool $is): string => $is ? 'in' : 'out';
        $down = static fn (bool $is): string => $is ? 'down' : 'up';

        return [
            EventKind::Key->value => $on($this->key),
            EventKind::Engine->value => $on($this->engine),
            EventKind::Belt->value => $on($this->belt),
            EventKind::HandValve->value => $on($this->handOn),
            EventKind::TractorValve->value => $in($this->tractorIn),
            EventKind::TrailerValve->value => $in($this->trailerIn),
            EventKind::Chocks->value => $in($this->chocked),
            EventKind::Pedal->value => $down($this->pedalDown),
            EventKind::Clutch->value => $down($this->clutchDown),
            EventKind::Gear->value => $this->gear,
            EventKind::ParkingBrake->value => $this->parked ? 'set' : 'released',
        ];
    }

    private function with(
        ?bool $key = null, ?bool $engine = null, ?float $rpm = null, ?bool $tractorIn = null, ?bool $trailerIn = null,
        ?bool $handOn = null, ?bool $pedalDown = null, ?bool $clutchDown = null, ?string $gear = null,
        ?bool $belt = null, ?bool $chocked = null, ?bool $parked = null, ?bool $pumped = null,
    ): self {
        return new self(
            $key ?? $this->key, $engine ?? $this->engine, $rpm ?? $this->rpm, $tractorIn ?? $this->tractorIn,
            $trailerIn ?? $this->trailerIn, $handOn ?? $this->handOn, $pedalDown ?? $this->pedalDown,
            $clutchDown ?? $this->clutchDown, $gear ?? $this->gear, $belt ?? $this->belt, $chocked ?? $this->chocked,
            $parked ?? $this->parked, $pumped ?? $this->pumped,
        );
    }
}
