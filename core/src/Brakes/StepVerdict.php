<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** What a step met or broke, and by which figures. */
final readonly class StepVerdict
{
    /** @param  array<string, float>  $figures  by name, as lost_psi, seconds, allowed_psi */
    private function __construct(
        public BrakeTest $test,
        public Outcome $outcome,
        public string $what,
        public array $figures,
        /** When it began; null where it was not done. */
        public ?int $atMs,
    ) {}

    /** @param  array<string, float>  $figures */
    public static function met(BrakeTest $test, int $atMs, string $what, array $figures = []): self
    {
        return new self($test, Outcome::Met, $what, $figures, $atMs);
    }

    /** @param  array<string, float>  $figures */
    public static function broken(BrakeTest $test, int $atMs, string $what, array $figures = []): self
    {
        return new self($test, Outcome::Broken, $what, $figures, $atMs);
    }

    public static function notYet(BrakeTest $test, int $atMs, string $what): self
    {
        return new self($test, Outcome::NotYet, $what, [], $atMs);
    }

    public static function notDone(BrakeTest $test): self
    {
        return new self($test, Outcome::NotDone, 'not done', [], null);
    }

    /** The same step, broken by what has nothing to do with its figures: its place in the order, the words with it. */
    public function brokenBy(string $what): self
    {
        return new self($this->test, Outcome::Broken, $what, $this->figures, $this->atMs);
    }
}
