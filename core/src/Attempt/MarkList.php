<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

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
            $ordered = $ordered && ($before === null || $before->atMs < $mark->atMs || ($before->atMs === $mark->atMs && $before->id < $mark->id));
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

    /** @return list<Mark> those that are in force, undone ones and the undos themselves left out */
    public function inForce(): array
    {
        $undone = [];
        $kept = [];
        // From the end, because an undo may itself be undone by a later one.
        for ($i = count($this->marks) - 1; $i >= 0; $i--) {
            $mark = $this->marks[$i];
            if (isset($undone[$mark->id])) {
                continue;
            }
            if ($mark->undoes !== null) {
                $undone[$mark->undoes] = true;
            } else {
                $kept[] = $mark;
            }
        }

        return array_reverse($kept);
    }

    public function lastAtMs(): int
    {
        return $this->marks === [] ? 0 : $this->marks[count($this->marks) - 1]->atMs;
    }
}
