<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;

/** The minutes of the leak tests in a list of events, and which of the two tests each is. */
final readonly class LeakMinutes
{
    /** A limit said so long before the minute, or after it, without a test being named is that of the leak. */
    private const AROUND_MS = 30_000;

    /** @param  list<array{int, int|null, BrakeTest}>  $minutes  from, to (null while it runs), and the test */
    private function __construct(private array $minutes) {}

    /** @param  list<BrakeEvent>  $events  in order */
    public static function of(array $events): self
    {
        $minutes = [];
        $isDown = false;
        foreach ($events as $event) {
            $isDown = $event->kind === EventKind::Pedal ? $event->to === 'down' : $isDown;
            if ($event->kind === EventKind::MinuteStarted) {
                $minutes[] = [$event->atMs, null, $isDown ? BrakeTest::LeakApplied : BrakeTest::LeakReleased];
            } elseif ($event->kind === EventKind::MinuteEnded && $minutes !== []) {
                [$from, , $test] = array_pop($minutes);
                $minutes[] = [$from, $event->atMs, $test];
            }
        }

        return new self($minutes);
    }

    /** The leak test whose minute runs at a time, or just did or will; null where none does. */
    public function around(int $atMs): ?BrakeTest
    {
        foreach ($this->minutes as [$from, $to, $test]) {
            if ($atMs >= $from - self::AROUND_MS && ($to === null || $atMs <= $to + self::AROUND_MS)) {
                return $test;
            }
        }

        return null;
    }
}
