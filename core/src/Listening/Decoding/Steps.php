<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Listening\Lexicon\EntryKind;

/** Takes a clue for one thing or another, and tells what is spoken of from there on. */
final readonly class Steps
{
    /** What of a habit is left after one more statement. */
    private const HABIT = 0.93;

    public function __construct(private WalkClues $walk, private Options $options) {}

    public function take(Subject $subject, int $c, Role|Target $as): Subject
    {
        $clue = $this->walk->clues[$c];

        return $as instanceof Role ? $this->named($subject, $c, $clue, $as) : $this->stated($subject, $c, $clue, $as);
    }

    /**
     * Statements and the names they are said of.
     *
     * @param  list<int>  $with
     * @return list<array{int, int}>
     */
    public function pairs(Role|Target $as, array $with, int $c, Clue $clue): array
    {
        return $as instanceof Role
            ? array_map(static fn (int $waiting): array => [$waiting, (int) $clue->name], $with)
            : array_map(static fn (int $name): array => [$c, $name], $with);
    }

    /** @return list<int> the names that a statement is said of, or the statements that a name takes */
    public function with(Role|Target $as, Subject $subject, Clue $clue): array
    {
        return match ($as) {
            Target::Last => [(int) $subject->lastName()],
            Target::List => $subject->names,
            Target::Before => [(int) $subject->before],
            Role::Subject => $subject->waiting,
            Role::Member => $subject->taken,
            default => [],
        };
    }

    public function keep(Subject $after, Clue $clue): void
    {
        foreach ($this->pairs($after->as ?? Target::Nothing, $after->with, $after->clue, $clue) as [$waiting, $name]) {
            $point = $this->options->fit($waiting, $name)->point;
            $after->given[$this->walk->placed[$name]->key().($point->value ?? '')] = true;
        }
    }

    private function named(Subject $subject, int $c, Clue $clue, Role $role): Subject
    {
        $after = clone $subject;
        $name = (int) $clue->name;
        [$after->from, $after->clue, $after->as, $after->with] = [$subject, $c, $role, []];
        if ($role === Role::Passing) {
            return $after;
        }
        if ($role === Role::Again) {
            $after->end = $clue->to;

            return $after;
        }
        if ($role === Role::Subject) {
            $last = $subject->lastName();
            if ($last !== null) {
                [$after->before, $after->beforeEnd] = [$last, $subject->end];
            }
            $after->names = [];
            $after->isLoose = false;
        } elseif ($subject->names !== []) {
            $end = $this->walk->placed[(int) $subject->lastName()]->mention->to;
            $after->isLoose = $subject->isLoose || $this->walk->ground->otherBetween($end, $clue->from) > 0;
        }
        $after->taken = $after->with = $this->with($role, $subject, $clue);
        $after->names[] = $name;
        $after->isOpen = $this->walk->placed[$name]->kind !== EntryKind::PartSaying;
        $after->end = $clue->to;
        $after->waiting = $after->points = [];
        foreach ($after->taken as $waiting) {
            $after->points[$this->options->fit($waiting, $name)->point->value ?? ''] = true;
        }

        return $after;
    }

    private function stated(Subject $subject, int $c, Clue $clue, Target $target): Subject
    {
        $after = clone $subject;
        $after->last = $target;
        if ($target !== Target::Nothing) {
            $after->habit = self::HABIT * $subject->habit + (1 - self::HABIT) * ($target === Target::Next ? 1.0 : 0.0);
        }
        [$after->from, $after->clue, $after->as] = [$subject, $c, $target];
        $after->with = $this->with($target, $subject, $clue);
        if ($target === Target::Next) {
            $after->waiting[] = $c;
        } elseif ($target === Target::Last || $target === Target::List) {
            $after->isOpen = false;
            $after->end = max($after->end, $clue->to);
            $after->points[$this->options->fit($c, (int) $subject->lastName())->point->value ?? ''] = true;
        } elseif ($target === Target::Before) {
            $after->beforeEnd = max($after->beforeEnd, $clue->to);
        }

        return $after;
    }
}
