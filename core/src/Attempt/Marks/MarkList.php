<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** The marks of one attempt, each id once, ordered by time and then by id. */
final readonly class MarkList
{
    /**
     * @param  list<Mark>  $marks
     * @param  array<string, Mark>  $byId
     */
    private function __construct(public array $marks, private array $byId) {}

    /** @throws MarksConflict if two different marks carry the same id */
    public static function of(Mark ...$marks): self
    {
        $byId = [];
        $ordered = true;
        $before = null;
        foreach ($marks as $mark) {
            $known = $byId[$mark->id] ?? null;
            if ($known !== null) {
                if (! $known->equals($mark)) {
                    throw MarksConflict::on($mark->id);
                }

                continue;
            }
            $ordered =
                $ordered &&
                ($before === null ||
                    $before->atMs < $mark->atMs ||
                    ($before->atMs === $mark->atMs && $before->id < $mark->id));
            $byId[$mark->id] = $before = $mark;
        }
        $list = array_values($byId);
        // Stored marks come in order; sorting them again would be most of a replay's cost.
        if (! $ordered) {
            usort($list, static fn (Mark $a, Mark $b): int => [$a->atMs, $a->id] <=> [$b->atMs, $b->id]);
        }

        return new self($list, $byId);
    }

    public function with(Mark ...$more): self
    {
        return self::of(...$this->marks, ...$more);
    }

    public function has(string $id): bool
    {
        return $this->find($id) !== null;
    }

    public function find(string $id): ?Mark
    {
        return $this->byId[$id] ?? null;
    }

    /**
     * Those that are in force, undone ones and the undos themselves left out. An undo counts whatever its time: the
     * clocks of two devices overlap. Undos that name each other in a circle are none of them in force.
     *
     * @return list<Mark>
     */
    public function inForce(): array
    {
        $undos = [];
        foreach ($this->marks as $mark) {
            $undoes = $mark->undoes();
            if ($undoes !== null) {
                $undos[$undoes][] = $mark->id;
            }
        }
        if ($undos === []) {
            return $this->marks;
        }
        $stands = [];

        return array_values(
            array_filter(
                $this->marks,
                static fn (Mark $mark): bool => $mark->undoes() === null && self::stands($mark->id, $undos, $stands),
            ),
        );
    }

    /**
     * Whether no undo that stands itself names a mark.
     *
     * @param  array<string, list<string>>  $undos  ids of the undos by the id that they name
     * @param  array<string, bool>  $stands  what is known of marks so far, by reference
     */
    private static function stands(string $id, array $undos, array &$stands): bool
    {
        if (! isset($undos[$id])) {
            return true;
        }
        if (! isset($stands[$id])) {
            // Asked again before it is known, it stands in a circle.
            $stands[$id] = false;
            $isUndone = static fn (string $undo): bool => self::stands($undo, $undos, $stands);
            $stands[$id] = array_filter($undos[$id], $isUndone) === [];
        }

        return $stands[$id];
    }

    public function lastAtMs(): int
    {
        return $this->marks === [] ? 0 : $this->marks[count($this->marks) - 1]->atMs;
    }
}
