<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

/** One way to understand the walk up to a word: what is spoken of, and by which steps it came to that. */
final class Subject
{
    /** @var list<int> the names that are spoken of together; the last is the one said last */
    public array $names = [];

    /** Whether other words stand between the names: "the cleaner beside the radiator" is hardly a list. */
    public bool $isLoose = false;

    /** Whether nothing was stated since the last of them was named. */
    public bool $isOpen = true;

    /** Index after the last word that told of them. */
    public int $end = -100;

    /** The name that was spoken of before; null where there is none. */
    public ?int $before = null;

    public int $beforeEnd = -100;

    /** @var list<int> clues that wait for the name they are said of */
    public array $waiting = [];

    /** @var list<int> statements that the names at hand took when they were named */
    public array $taken = [];

    /** @var array<string, true> points of the last name */
    public array $points = [];

    public float $score = 0.0;

    /** @var array<string, true> what was said of what, kept only while weights are learnt */
    public array $given = [];

    /** How the walk was understood before the latest clue; null at its beginning. */
    public ?self $from = null;

    /** Index of that clue. */
    public int $clue = -1;

    /** What it was taken for. */
    public Role|Target|null $as = null;

    /** @var list<int> the names it is said of, or the statements that a name took */
    public array $with = [];

    public ?Target $last = null;

    /** How often this speaker stated first and named then, lately: 0 to 1. */
    public float $habit = 0.0;

    /** @return list<self> from the first clue on */
    public function path(): array
    {
        $path = [];
        for ($one = $this; $one->from !== null; $one = $one->from) {
            $path[] = $one;
        }

        return array_reverse($path);
    }

    public function lastName(): ?int
    {
        return $this->names[count($this->names) - 1] ?? null;
    }

    public function key(): string
    {
        return $this->lastName().' '.count($this->names).' '.$this->before.' '.count($this->waiting).' '.
            ($this->isOpen ? 1 : 0);
    }
}
