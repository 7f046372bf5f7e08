<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Health;

use Pasada\Core\Progress\Model\Plan;

/** What the attempts of a school tell of its checklist: items that tell nothing, or that scorers see differently. */
final readonly class ChecklistHealth
{
    /** Fewer outcomes than this tell nothing of an item. */
    private const LEAST = 20;

    /** Fewer than this by one scorer tell nothing of how that scorer sees it. */
    private const LEAST_OF_SCORER = 6;

    private const NOBODY_MISSES = 0.98;

    private const EVERYBODY_MISSES = 0.25;

    /** Earned rather by whoever earns less of the rest: below this correlation. */
    private const AGAINST_THE_REST = -0.1;

    /** Standard errors apart at which two scorers are said to differ; one in 300 is so by chance. */
    private const APART = 3.0;

    private const MOST = 10;

    /**
     * @param  list<string>  $neverMissed  ids of items
     * @param  list<string>  $alwaysMissed
     * @param  list<string>  $againstTheRest
     * @param  list<array{item: string, high: string, low: string, apart: float}>  $differing  with who sees it earned
     *   most often and least often, and the difference of their shares
     */
    private function __construct(
        public array $neverMissed, public array $alwaysMissed, public array $againstTheRest, public array $differing,
        public int $attempts,
    ) {}

    public static function of(Plan $plan, Tallies $tallies): self
    {
        $never = $always = $against = $differing = [];
        $items = $tallies->items();
        foreach ($plan->ids as $item) {
            $tally = $items[$item] ?? null;
            if ($tally === null || $tally->asked() < self::LEAST) {
                continue;
            }
            if ($tally->shareOfWhole() >= self::NOBODY_MISSES) {
                $never[] = $item;
            } elseif ($tally->shareOfWhole() <= self::EVERYBODY_MISSES) {
                $always[] = $item;
            } elseif ($tally->correlation() < self::AGAINST_THE_REST) {
                $against[] = $item;
            }
            $apart = self::apart($item, $tallies->byScorer($item));
            if ($apart !== null) {
                $differing[] = $apart;
            }
        }
        usort($differing, static fn (array $a, array $b): int => [$b['apart'], $a['item']]
            <=> [$a['apart'], $b['item']]);

        return new self($never, $always, $against, array_slice($differing, 0, self::MOST), $tallies->attempts);
    }

    /**
     * @param  array<array-key, ItemTally>  $byScorer
     * @return array{item: string, high: string, low: string, apart: float}|null
     */
    private static function apart(string $item, array $byScorer): ?array
    {
        $shares = [];
        foreach ($byScorer as $scorer => $tally) {
            if ($tally->asked() >= self::LEAST_OF_SCORER) {
                $shares[$scorer] = [$tally->shareOfWhole(), $tally->asked()];
            }
        }
        if (count($shares) < 2) {
            return null;
        }
        uasort($shares, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$low, $high] = [(string) array_key_first($shares), (string) array_key_last($shares)];
        [[$least, $n], [$most, $m]] = [$shares[$low], $shares[$high]];
        $pooled = ($least * $n + $most * $m) / ($n + $m);
        $error = sqrt($pooled * (1.0 - $pooled) * (1.0 / $n + 1.0 / $m));

        return $error > 0.0 && $most - $least >= self::APART * $error
            ? ['item' => $item, 'high' => $high, 'low' => $low, 'apart' => $most - $least] : null;
    }
}
