<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Health;

use Pasada\Core\Progress\History\ItemShares;
use Pasada\Core\Scoring\ItemStatus;

/** How each item went in many attempts, by scorer: what is counted once is added up and never counted again. */
final readonly class Tallies
{
    /** @param  array<array-key, array<string, list<int>>>  $sums  of ItemTally, by scorer and item */
    private function __construct(public int $attempts, private array $sums) {}

    public static function none(): self
    {
        return new self(0, []);
    }

    /** @param  array<string, array{ItemStatus, int, int}>  $outcomes  status, earned and possible worth, by item */
    public static function ofAttempt(string $scorer, array $outcomes): self
    {
        $shares = ItemShares::of($outcomes);
        $share = $shares === [] ? 0 : intdiv(array_sum($shares), count($shares));

        return new self(1, [$scorer => array_map(
            static fn (array $one): array => ItemTally::one($one[0], $one[1], $one[2], $share)->sums(), $outcomes,
        )]);
    }

    /** @param  iterable<self>  $parts */
    public static function sum(iterable $parts): self
    {
        $attempts = 0;
        $sums = [];
        foreach ($parts as $part) {
            $attempts += $part->attempts;
            self::add($sums, $part->sums, 1);
        }

        return new self($attempts, $sums);
    }

    /** Without attempts that were counted in, because somebody may not see them yet. */
    public function without(self $part): self
    {
        $sums = $this->sums;
        self::add($sums, $part->sums, -1);

        return new self($this->attempts - $part->attempts, $sums);
    }

    /** @return array<string, ItemTally> by item, of all scorers */
    public function items(): array
    {
        $all = [];
        foreach ($this->sums as $ofScorer) {
            self::add($all, [$ofScorer], 1);
        }

        return array_map(ItemTally::of(...), $all[0] ?? []);
    }

    /** @return array<array-key, ItemTally> by scorer */
    public function byScorer(string $item): array
    {
        return array_map(
            static fn (array $items): ItemTally => ItemTally::of($items[$item] ?? []), $this->sums,
        );
    }

    /** @return array{attempts: int, scorers: array<array-key, array<string, list<int>>>} for storing */
    public function write(): array
    {
        return ['attempts' => $this->attempts, 'scorers' => $this->sums];
    }

    /** @param  array{attempts: int, scorers: array<array-key, array<string, list<int>>>}  $written  by write() */
    public static function read(array $written): self
    {
        return new self($written['attempts'], $written['scorers']);
    }

    /**
     * @param  array<array-key, array<string, list<int>>>  $sums
     * @param  array<array-key, array<string, list<int>>>  $more
     */
    private static function add(array &$sums, array $more, int $times): void
    {
        foreach ($more as $scorer => $items) {
            foreach ($items as $item => $values) {
                $so = $sums[$scorer][$item] ?? [];
                $to = [];
                foreach ($values as $place => $value) {
                    $to[] = ($so[$place] ?? 0) + $times * $value;
                }
                $sums[$scorer][$item] = $to;
            }
        }
    }
}
