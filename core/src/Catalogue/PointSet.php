<?php

declare(strict_types=1);

namespace Pasada\Core\Catalogue;

/** A set of points, held as one bit each because a replay joins and takes away thousands of them. */
final readonly class PointSet
{
    /** @internal Mark's default needs a constant expression; everybody else asks none(), of() or fromBits(). */
    public function __construct(public int $bits) {}

    public static function none(): self
    {
        return new self(0);
    }

    public static function of(Point ...$points): self
    {
        $bits = 0;
        foreach ($points as $point) {
            $bits |= self::bit($point);
        }

        return new self($bits);
    }

    /** What pointing at a part and naming it gives. */
    public static function identified(): self
    {
        return self::of(Point::Identified);
    }

    public static function fromBits(int $bits): self
    {
        return new self($bits);
    }

    public function with(self $other): self
    {
        return new self($this->bits | $other->bits);
    }

    public function without(self $other): self
    {
        return new self($this->bits & ~$other->bits);
    }

    public function common(self $other): self
    {
        return new self($this->bits & $other->bits);
    }

    public function has(Point $point): bool
    {
        return ($this->bits & self::bit($point)) !== 0;
    }

    public function includes(self $other): bool
    {
        return ($other->bits & ~$this->bits) === 0;
    }

    public function isEmpty(): bool
    {
        return $this->bits === 0;
    }

    public function count(): int
    {
        $count = 0;
        for ($bits = $this->bits; $bits !== 0; $bits &= $bits - 1) {
            $count++;
        }

        return $count;
    }

    /** @return list<Point> in the order of the catalogue */
    public function points(): array
    {
        /** @var array<int, list<Point>> $lists of the sets met before: a sheet names the same few hundreds of times */
        static $lists = [];

        return $lists[$this->bits] ??= array_values(array_filter(Point::cases(), $this->has(...)));
    }

    private static function bit(Point $point): int
    {
        /** @var array<string, int>|null $bits a table that never changes once made, so not state */
        static $bits = null;
        if ($bits === null) {
            $bits = [];
            foreach (Point::cases() as $place => $case) {
                $bits[$case->value] = 1 << $place;
            }
        }

        return $bits[$point->value];
    }
}
