<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Walking;

use Pasada\Core\Checklist\Zone;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Part;
use Pasada\Core\Vehicle\AxleGroup;

/** A mention that was given its part and its place on the walk. */
final readonly class Placed
{
    public function __construct(
        public Mention $mention,
        public Part $part,
        public Station $standing,
        /** What it costs to take it so, in hundredths: the name's and the place's. */
        public int $cost,
        public EntryKind $kind,
        /** The next best part, where it is nearly as good. */
        public ?string $runnerUp,
    ) {}

    public function axle(): ?string
    {
        return $this->part->zone === Zone::Axle ? ($this->standing->axle() ?? AxleGroup::Steer)->value : null;
    }

    public function key(): string
    {
        return $this->part->id.'@'.($this->axle() ?? '');
    }
}
