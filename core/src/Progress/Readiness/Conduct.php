<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\Model\Normal;

/**
 * The chance that time and order are kept where a checklist makes them decide, from how they were kept before: the time
 * as a logarithm with its spread, items out of order by Poisson's law. The latest attempts count most.
 */
final readonly class Conduct
{
    /** Each attempt counts so much of the one after it. */
    private const FADES = 0.6;

    /** As if one attempt had been seen before that took the time allowed, give or take a quarter. */
    private const SEEN_BEFORE = 0.5;

    private const SPREAD = 0.25;

    /** Items out of order in the attempt that is as if it had been seen. */
    private const USUAL_OUT = 4.0;

    /** @param  array<string, float>  $marks  chance of each, by what it asks; empty where none decides */
    private function __construct(public array $marks) {}

    /** @param  list<PastAttempt>  $attempts  oldest first */
    public static function of(Rules $rules, array $attempts): self
    {
        $marks = [];
        $seconds = self::weighed(array_map(static fn (PastAttempt $one): ?float => $one->seconds, $attempts));
        if ($rules->overTimeFails && $rules->timeAllowedSeconds !== null && $seconds !== []) {
            $said = sprintf('the walk in %d minutes', intdiv($rules->timeAllowedSeconds, 60));
            $marks[$said] = self::inTime($seconds, (float) $rules->timeAllowedSeconds);
        }
        $allowed = $rules->pass->outOfPlaceAllowed;
        $out = self::weighed(array_map(
            static fn (PastAttempt $one): ?float => $one->outOfPlace === null ? null : (float) $one->outOfPlace,
            $attempts,
        ));
        if ($allowed !== null && $out !== []) {
            $marks[sprintf('at most %d items out of order', $allowed)] = self::inOrder($out, $allowed);
        }

        return new self($marks);
    }

    public function chance(): float
    {
        return array_product($this->marks);
    }

    /**
     * @param  list<float|null>  $values  oldest first
     * @return list<array{float, float}> value and weight of those that are known
     */
    private static function weighed(array $values): array
    {
        $known = array_reverse(array_values(array_filter($values, static fn (?float $one): bool => $one !== null)));

        return array_map(
            static fn (float $one, int $n): array => [$one, self::FADES ** $n], $known, array_keys($known),
        );
    }

    /** @param  non-empty-list<array{float, float}>  $seconds */
    private static function inTime(array $seconds, float $allowed): float
    {
        $sum = self::SEEN_BEFORE * log($allowed);
        $weight = self::SEEN_BEFORE;
        foreach ($seconds as [$value, $counts]) {
            $sum += $counts * log(max(1.0, $value));
            $weight += $counts;
        }
        $mean = $sum / $weight;
        $spread = self::SEEN_BEFORE * self::SPREAD ** 2;
        foreach ($seconds as [$value, $counts]) {
            $spread += $counts * (log(max(1.0, $value)) - $mean) ** 2;
        }

        return Normal::below((log($allowed) - $mean) / sqrt($spread / $weight * (1.0 + 1.0 / $weight)));
    }

    /** @param  non-empty-list<array{float, float}>  $out */
    private static function inOrder(array $out, int $allowed): float
    {
        $sum = self::SEEN_BEFORE * self::USUAL_OUT;
        $weight = self::SEEN_BEFORE;
        foreach ($out as [$value, $counts]) {
            $sum += $counts * $value;
            $weight += $counts;
        }
        $mean = $sum / $weight;
        $term = exp(-$mean);
        $chance = $term;
        for ($n = 1; $n <= $allowed; $n++) {
            $term *= $mean / $n;
            $chance += $term;
        }

        return min(1.0, $chance);
    }
}
