<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Catalogue\PointSet;

/**
 * What stands for an item while references are followed: points as bits, of the left and the right side. Only ever
 * grows.
 */
final class SpokenOf
{
    /** Id of the item that the earliest reference named that gave something; null while none did. */
    public ?string $carriedFrom = null;

    public ?int $carriedAtMs = null;

    private function __construct(
        private int $left, private int $right, private int $lateLeft, private int $lateRight,
        private readonly int $wrong,
    ) {}

    public static function of(?Hearing $hearing): self
    {
        return $hearing === null
            ? new self(0, 0, 0, 0, 0)
            : new self(
                $hearing->inTime->with($hearing->left)->bits, $hearing->inTime->with($hearing->right)->bits,
                $hearing->late->with($hearing->lateLeft)->bits, $hearing->late->with($hearing->lateRight)->bits,
                $hearing->wrong->bits,
            );
    }

    /** As if all of these points will have been said in time. */
    public static function all(int $bits): self
    {
        return new self($bits, $bits, 0, 0, 0);
    }

    /**
     * Takes over what is said of another item; what was said wrong here is not put right by it.
     *
     * @param  int  $carriable  points that mean the same at both
     * @return bool whether it gave anything
     */
    public function takeFrom(self $source, int $carriable, bool $isLate): bool
    {
        $may = $carriable & ~$this->wrong;

        return $isLate
            ? $this->add(0, 0, ($source->left | $source->lateLeft) & $may, ($source->right | $source->lateRight) & $may)
            : $this->add(
                $source->left & $may, $source->right & $may, $source->lateLeft & $may, $source->lateRight & $may,
            );
    }

    /** Takes over one side from the other; likewise. */
    public function takeSide(bool $fromLeft, bool $isLate): bool
    {
        [$said, $late] = $fromLeft
            ? [$this->left & ~$this->wrong, $this->lateLeft & ~$this->wrong]
            : [$this->right & ~$this->wrong, $this->lateRight & ~$this->wrong];
        if ($isLate) {
            [$said, $late] = [0, $said | $late];
        }

        return $fromLeft ? $this->add(0, $said, 0, $late) : $this->add($said, 0, $late, 0);
    }

    /** @param  int  $turn  of the item, where it was not said itself */
    public function hearing(?Hearing $direct, int $turn): Hearing
    {
        $set = PointSet::fromBits(...);
        $both = $this->left & $this->right;
        [$lateLeft, $lateRight] = [$this->lateLeft & ~$this->left, $this->lateRight & ~$this->right];
        $at = array_filter([$direct?->firstAtMs, $this->carriedAtMs], is_int(...));

        return new Hearing(
            $set($both),
            $set($lateLeft & $lateRight),
            false,
            $at === [] ? 0 : min($at),
            $at === [] ? 0 : max([...$at, $direct->lastAtMs ?? 0]),
            $direct->turn ?? $turn,
            $set($this->wrong),
            $set($this->left & ~$both),
            $set($this->right & ~$both),
            $direct->figures ?? [],
            $direct->wrongWords ?? [],
            $this->carriedFrom,
            $direct->afterwards ?? false,
            $set($lateLeft & ~$lateRight),
            $set($lateRight & ~$lateLeft),
            $direct->notFittedLate ?? false,
            $direct->pointsOpen ?? false,
        );
    }

    private function add(int $left, int $right, int $lateLeft, int $lateRight): bool
    {
        $before = [$this->left, $this->right, $this->lateLeft, $this->lateRight];
        $this->left |= $left;
        $this->right |= $right;
        $this->lateLeft |= $lateLeft & ~$this->left;
        $this->lateRight |= $lateRight & ~$this->right;

        return $before !== [$this->left, $this->right, $this->lateLeft, $this->lateRight];
    }
}
