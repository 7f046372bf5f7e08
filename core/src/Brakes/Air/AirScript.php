<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Controls of an air system over time: `{"start_psi": 0, "until_ms": 600000, "events": [...]}`. */
final readonly class AirScript
{
    /** An hour. */
    private const LONGEST_MS = 3600 * 1000;

    private const HIGHEST_PSI = 150;

    /** @param  list<BrakeEvent>  $controls */
    private function __construct(public array $controls, public float $startPsi, public int $untilMs) {}

    /** @throws DocumentHasFaults naming the place and the remedy */
    public static function read(string $json, string $name = 'script'): self
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        $root->only('start_psi', 'until_ms', 'events');
        $controls = (new EventReader)->events($root);
        $start = $root->intOr('start_psi', 0, self::HIGHEST_PSI, 0);
        $until = $root->int('until_ms', 0, self::LONGEST_MS);
        $faults->stopIfAny($name);

        return new self($controls, (float) $start, $until);
    }
}
