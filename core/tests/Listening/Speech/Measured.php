<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Listening\Account;

/** How much of what was said was heard, and how much of what was heard was said. */
final class Measured
{
    /** @var array<string, array{int, int, int}> right, heard and said; by name of the count */
    public array $counts = [];

    /** @var list<array{float, bool}> confidence of every proposal, and whether its part was spoken of */
    public array $confidence = [];

    /** @var array<string, int> what went wrong how often */
    public array $faults = [];

    /** @param  array<string, list<string>>  $truth */
    public function add(array $truth, Account $account): void
    {
        $heard = [];
        foreach ($account->heard as $proposal) {
            // What is said not to be there is no part that was inspected.
            if ($proposal->notFitted) {
                continue;
            }
            $key = $proposal->component.'@'.$proposal->axle;
            $heard[$key] = array_map(static fn (Point $point): string => $point->value, $proposal->points->points());
            $this->confidence[] = [$proposal->confidence, isset($truth[$key])];
        }
        $this->count('item', array_keys($truth), array_keys($heard));
        $pairs = static fn (array $all): array => array_merge(
            ...array_map(
                static fn (string $key, array $codes): array => array_map(
                    static fn (string $code): string => $key.':'.$code,
                    $codes,
                ),
                array_keys($all),
                $all,
            ) ?: [[]],
        );
        $this->count('point', $pairs($truth), $pairs($heard));
        $families = array_map(static fn (string $key): string => explode('.', $key)[0], array_keys($truth));
        foreach (array_unique($families) as $zone) {
            $of = static fn (array $keys): array => array_filter(
                $keys,
                static fn (string $key): bool => str_starts_with($key, $zone.'.'),
            );
            $this->count('zone '.$zone, $of(array_keys($truth)), $of(array_keys($heard)));
        }
        foreach (array_diff($pairs($truth), $pairs($heard)) as $missed) {
            $this->faults['missed '.$missed] = ($this->faults['missed '.$missed] ?? 0) + 1;
        }
        foreach (array_diff($pairs($heard), $pairs($truth)) as $invented) {
            $this->faults['invented '.$invented] = ($this->faults['invented '.$invented] ?? 0) + 1;
        }
    }

    /**
     * @param  array<string>  $said
     * @param  array<string>  $heard
     */
    private function count(string $name, array $said, array $heard): void
    {
        $before = $this->counts[$name] ?? [0, 0, 0];
        $this->counts[$name] = [
            $before[0] + count(array_intersect($said, $heard)),
            $before[1] + count($heard),
            $before[2] + count($said),
        ];
    }

    public function f1(string $name): float
    {
        [$right, $heard, $said] = $this->counts[$name] ?? [0, 0, 0];

        return $heard + $said === 0 ? 0.0 : 2 * $right / ($heard + $said);
    }

    public function precision(string $name): float
    {
        [$right, $heard] = $this->counts[$name];

        return $right / max(1, $heard);
    }

    public function recall(string $name): float
    {
        [$right, , $said] = $this->counts[$name];

        return $right / max(1, $said);
    }
}
