<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/**
 * The lowest and the highest value that is right, both included, in the unit that the test measures: psi or seconds.
 */
final readonly class Limits
{
    /**
     * @param  float|null  $low  null where there is no lower limit
     * @param  float|null  $high  null where there is no upper limit
     */
    public function __construct(public ?float $low, public ?float $high) {}

    public static function atLeast(float $low): self
    {
        return new self($low, null);
    }

    public static function atMost(float $high): self
    {
        return new self(null, $high);
    }

    /** The same, with the ends of the other where it has any. */
    public function overriddenBy(self $other): self
    {
        return new self($other->low ?? $this->low, $other->high ?? $this->high);
    }

    public function areSet(): bool
    {
        return $this->low !== null || $this->high !== null;
    }

    public function hold(float $value): bool
    {
        return ($this->low === null || $value >= $this->low) && ($this->high === null || $value <= $this->high);
    }

    /** The lower end, for a test that always has one. */
    public function lowest(): float
    {
        return $this->low ?? throw new \LogicException('This test has no lower limit.');
    }

    /** The upper end, for a test that always has one. */
    public function highest(): float
    {
        return $this->high ?? throw new \LogicException('This test has no upper limit.');
    }

    /** Both ends, of a one-sided limit the same twice: what a student says of it is the limit itself. */
    public function closed(): self
    {
        return new self($this->low ?? $this->high, $this->high ?? $this->low);
    }

    /**
     * The least range that holds both, where an end of this one lies in the other; null where none does.
     */
    public function joinedWith(self $band): ?self
    {
        $ends = array_filter([$this->low, $this->high], is_float(...));
        $isIn = array_filter($ends, $band->hold(...)) !== [];

        return $isIn ? new self(min([$band->lowest(), ...$ends]), max([$band->highest(), ...$ends])) : null;
    }

    /** "between 120 and 140", "at or above 55", "no more than 4" */
    public function label(): string
    {
        return match (true) {
            $this->low !== null && $this->high !== null => sprintf(
                'between %s and %s',
                ShortNumber::of($this->low),
                ShortNumber::of($this->high),
            ),
            $this->low !== null => 'at or above '.ShortNumber::of($this->low),
            default => 'no more than '.ShortNumber::of($this->highest()),
        };
    }
}
