<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StepRule;

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
        /** Whether the vehicle is at fault and not the student, who may have done everything right. */
        public bool $isOfVehicle = false,
        /** What breaks it once another step has begun; null where that changes nothing. */
        private ?string $ifLeft = null,
        /**
         * What it shows to be wrong with the vehicle, also where the student broke it by something else; null where
         * nothing is.
         */
        public ?string $finding = null,
        /** Set where it is not judged. */
        public ?Question $question = null,
    ) {}

    /** @param  array<string, float>  $figures */
    public static function met(BrakeTest $test, int $atMs, string $what, array $figures = []): self
    {
        return new self($test, Outcome::Met, $what, $figures, $atMs);
    }

    /**
     * Done wrong by the student.
     *
     * @param  array<string, float>  $figures
     */
    public static function broken(BrakeTest $test, int $atMs, string $what, array $figures = []): self
    {
        return new self($test, Outcome::Broken, $what, $figures, $atMs);
    }

    /**
     * Done, and the vehicle is not as it should be.
     *
     * @param  array<string, float>  $figures
     */
    public static function failed(BrakeTest $test, int $atMs, string $what, array $figures = []): self
    {
        return new self($test, Outcome::Broken, $what, $figures, $atMs, isOfVehicle: true, finding: $what);
    }

    /**
     * Met where the value is right, the vehicle's fault where it is not.
     *
     * @param  array<string, float>  $figures
     */
    public static function measured(bool $isRight, BrakeTest $test, int $atMs, string $what, array $figures): self
    {
        return $isRight ? self::met($test, $atMs, $what, $figures) : self::failed($test, $atMs, $what, $figures);
    }

    /** @param  string  $ifLeft  what breaks it once another step has begun */
    public static function notYet(BrakeTest $test, int $atMs, string $what, string $ifLeft): self
    {
        return new self($test, Outcome::NotYet, $what, [], $atMs, ifLeft: $ifLeft);
    }

    /** Something lacks that the scorer did not note: nobody's fault, until it is told. */
    public static function notJudged(BrakeTest $test, int $atMs, Question $question): self
    {
        return new self($test, Outcome::NotJudged, $question->text, [], $atMs, question: $question);
    }

    /**
     * Met where a pressure is within the limits, the vehicle's fault where it is not.
     *
     * @param  string  $what  with a place for the pressure, in psi, and one for the limits
     */
    public static function within(StepRule $rule, int $atMs, float $psi, string $what): self
    {
        $told = sprintf($what, ShortNumber::of($psi), $rule->limits->label());

        return self::measured($rule->isRight($psi), $rule->test, $atMs, $told, ['psi' => ShortNumber::rounded($psi)]);
    }

    /** @param  string  $ifLeft  why it was not done, for when another step has begun */
    public static function notDone(BrakeTest $test, string $what = 'not done', string $ifLeft = ''): self
    {
        return new self($test, Outcome::NotDone, $what, [], null, ifLeft: $ifLeft);
    }

    /** The same step, broken by what has nothing to do with its figures: its place in the order, the words with it. */
    public function brokenBy(string $what): self
    {
        return new self($this->test, Outcome::Broken, $what, $this->figures, $this->atMs, finding: $this->finding);
    }

    /** Met, but for words that can still be said. */
    public function stillToSay(Spoken $what): self
    {
        return new self(
            $this->test, Outcome::NotYet, 'still to say: '.$what->label(), $this->figures, $this->atMs,
            ifLeft: 'did not say '.$what->label(),
        );
    }

    /** How it stands once another step has begun: what was not finished is broken, what was not begun is skipped. */
    public function leftFor(BrakeTest $next): self
    {
        return match (true) {
            $this->outcome === Outcome::NotYet => $this->brokenBy($this->ifLeft ?? $this->what),
            $this->outcome === Outcome::NotDone => new self(
                $this->test,
                Outcome::NotDone,
                sprintf(
                    'not done before the %s%s',
                    $next->label(),
                    $this->ifLeft === null || $this->ifLeft === '' ? '' : ': '.$this->ifLeft,
                ),
                [],
                null,
                ifLeft: null,
            ),
            default => $this,
        };
    }

    /** Whether it can no longer be met: broken, or skipped. */
    public function isLost(): bool
    {
        return $this->outcome === Outcome::Broken || ($this->outcome === Outcome::NotDone && $this->ifLeft === null);
    }

    /** The same with what was right but for the vehicle: the student found it. */
    public function isProcedureLost(): bool
    {
        return $this->isLost() && ! $this->isOfVehicle;
    }
}
