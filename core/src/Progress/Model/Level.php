<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

/** A student's level with its trend, on the logit scale: means and variances, moved through time as a Kalman filter. */
final readonly class Level
{
    /** What moves a level by itself has the longer to do so, though not for ever: in fortnights. */
    private const LONGEST = 4.0;

    private const FORTNIGHT = 14.0;

    private function __construct(
        public float $mean,
        private float $trend,
        public float $var,
        private float $trendVar,
        /** Variance that both have in common. */
        private float $bothVar,
    ) {}

    public static function first(Traits $traits): self
    {
        return new self($traits->start, $traits->learning, $traits->students ** 2, $traits->learners ** 2, 0.0);
    }

    /** At the next attempt, days later: a damped trend (E. Gardner, E. McKenzie, Management Science 31, 1985). */
    public function after(float $days, Traits $traits): self
    {
        $lasts = $traits->lasting;
        $drift = $traits->drift ** 2 * (0.5 + min(self::LONGEST, $days / self::FORTNIGHT));

        return new self(
            $this->mean + $this->trend - $traits->forgetting * log(1.0 + $days),
            $lasts * $this->trend,
            $this->var + 2.0 * $this->bothVar + $this->trendVar + $drift,
            $lasts ** 2 * $this->trendVar,
            $lasts * ($this->bothVar + $this->trendVar),
        );
    }

    /**
     * After an attempt: the level is seen through the form of the day, and the trend is told by how the level moved.
     *
     * @param  float  $off  how far level and form together were from what was believed
     * @param  float  $share  how much of what was not known of them the attempt has told, 0 to 1
     */
    public function seen(float $off, float $share, Traits $traits): self
    {
        $prior = $this->var + $traits->days ** 2;
        [$ofLevel, $ofTrend] = [$this->var / $prior, $this->bothVar / $prior];

        return new self(
            $this->mean + $ofLevel * $off,
            $this->trend + $ofTrend * $off,
            $this->var * (1.0 - $ofLevel * $share),
            $this->trendVar - $ofTrend * $this->bothVar * $share,
            $this->bothVar * (1.0 - $ofLevel * $share),
        );
    }
}
