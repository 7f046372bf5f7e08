<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Health;

/**
 * Whether a scorer scores otherwise than before, beside whoever scored the same walks: the later half of the shared
 * walks against the earlier.
 */
final readonly class Drift
{
    /** Fewer walks than this in each half say nothing. */
    private const LEAST_WALKS = 3;

    /** Items in 100 by which both halves must be apart, beyond their doubt, to be worth a word. */
    private const LEAST_ITEMS = 2.0;

    private function __construct(
        /** Stricter or milder than before. */
        public Way $way,
        /** Items in 100 that are given more now than before; null where too few walks were shared. */
        public ?float $itemsOf100,
        /** Kappa in thousandths of the earlier and of the later half, mean; null where none has one. */
        public ?int $kappaBefore,
        public ?int $kappaNow,
    ) {}

    /**
     * @param  list<array{kappa: int|null, more: float}>  $shared  oldest first: kappa in thousandths, and items in 100
     *   that this scorer gave more than the other
     */
    public static function of(array $shared): self
    {
        $half = intdiv(count($shared), 2);
        if ($half < self::LEAST_WALKS) {
            return new self(Way::Unknown, null, null, null);
        }
        $before = array_slice($shared, 0, $half);
        $now = array_slice($shared, $half);
        [$from, $fromVar] = self::mean(array_column($before, 'more'));
        [$to, $toVar] = self::mean(array_column($now, 'more'));
        $more = $to - $from;

        return new self(
            match (true) {
                // Two standard errors: one scorer in twenty would be told of by chance.
                abs($more) < max(self::LEAST_ITEMS, 2.0 * sqrt($fromVar + $toVar)) => Way::Alike,
                $more < 0.0 => Way::Stricter,
                default => Way::Milder,
            },
            $more,
            self::kappa($before),
            self::kappa($now),
        );
    }

    /**
     * @param  list<float>  $values
     * @return array{float, float} mean and its variance
     */
    private static function mean(array $values): array
    {
        $n = count($values);
        $mean = array_sum($values) / $n;
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $values));

        return [$mean, $squares / ($n - 1) / $n];
    }

    /** @param  list<array{kappa: int|null, more: float}>  $walks */
    private static function kappa(array $walks): ?int
    {
        $known = array_filter(array_column($walks, 'kappa'), static fn (?int $one): bool => $one !== null);

        return $known === [] ? null : intdiv(array_sum($known), count($known));
    }
}
