<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Listening\Binding\Measure;
use Pasada\Core\Listening\Walking\Placed;

/** Which point a clue states of a part, and how well that fits it. */
final readonly class Fit
{
    private function __construct(
        /** Null where it says nothing of such a part. */
        public ?Point $point,
        /** essential, further, or unlisted. */
        public string $how,
    ) {}

    public static function of(Clue $clue, Placed $placed, Ground $ground): self
    {
        $part = $placed->part;
        if ($clue->isDefect) {
            return new self(null, 'further');
        }
        $point = $clue->quantity !== null
            ? Measure::pointOf($clue->quantity, $part)
            : $clue->statement?->pointOf($part);
        // "Hub oil level good" speaks of the level.
        if (
            $point === Point::Intact && $part->points->has(Point::Level)
            && $ground->word($placed->mention->to - 1) === 'level'
        ) {
            $point = Point::Level;
        }
        if ($point !== null) {
            return new self($point, $part->essential->has($point) ? 'essential' : 'further');
        }

        return new self($clue->isStrict ? null : $clue->statement?->points[0], 'unlisted');
    }

    public function isListed(): bool
    {
        return $this->how !== 'unlisted';
    }

    public function isImpossible(Clue $clue): bool
    {
        return $this->point === null && ! $clue->isDefect;
    }
}
