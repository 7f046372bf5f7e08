<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Lexicon;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Zone;

/** A component of the catalogue as the listener knows it. */
final readonly class Part
{
    public function __construct(
        public string $id,
        public Zone $zone,
        public PointSet $essential,
        public PointSet $points,
        /** A statement that naming this part makes of those around it: "castle nuts in there". */
        public ?Point $lends = null,
        /** @var list<string> parts with which its shared names go */
        public array $goesWith = [],
        /** Its shared names are small hardware that many parts have: "nuts" may be those of what is spoken of. */
        public bool $isHardware = false,
    ) {}

    /** The part of the id before the dot: "brake" of "brake.drum". */
    public function family(): string
    {
        return explode('.', $this->id)[0];
    }
}
