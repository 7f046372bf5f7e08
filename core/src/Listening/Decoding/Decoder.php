<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Closure;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Walking\Placed;

/**
 * Decides together what every name of a walk is (spoken of, one of a list, in passing) and of what every statement is
 * said: the best of many ways to understand the whole, of which the likeliest few are followed at each word.
 */
final class Decoder
{
    /** Ways followed at once. */
    private const WIDTH = 6;

    /** Words that a statement waits for its name. */
    private const WAITS = 30;

    /** What of a habit is left after one more statement. */
    private const HABIT = 0.93;

    /** Most names that are spoken of together. */
    private const MOST_NAMES = 12;

    private readonly NameSigns $nameSigns;

    private readonly TargetSigns $targetSigns;

    /** @var array<int, Fit> by clue and name */
    private array $fits = [];

    /** @var array<int, array<string, float>> signs of the words, by clue */
    private array $ofName = [];

    /** @var array<int, array<string, float>> */
    private array $ofStatement = [];

    /** @var list<Clue> */
    private readonly array $clues;

    /** @var list<Placed> */
    private readonly array $placed;

    private readonly Ground $ground;

    public function __construct(public readonly WalkClues $walk, private readonly Weights $weights)
    {
        $this->clues = $walk->clues;
        $this->placed = $walk->placed;
        $this->ground = $walk->ground;
        $this->nameSigns = new NameSigns($this->ground);
        $this->targetSigns = new TargetSigns($this->ground);
        $this->readWords();
    }

    /**
     * The best way to understand it all.
     *
     * @param  Closure(int, Role|Target, list<int>, Subject): float|null  $reward  what a step is worth besides its
     *   score, where the truth is known: by clue, what it is taken for, the names it is said of
     */
    public function best(?Closure $reward = null): Subject
    {
        $beam = [new Subject()];
        foreach ($this->clues as $c => $clue) {
            $options = [];
            foreach ($beam as $n => $subject) {
                $subject = $beam[$n] = $this->withoutStale($subject, $clue);
                foreach ($this->options($subject, $c, $clue) as [$as, $signs]) {
                    $options[] = [$subject->score + $this->weights->score($signs), $subject, $as];
                }
            }
            if ($reward !== null) {
                foreach ($options as $n => [$score, $subject, $as]) {
                    $options[$n][0] = $score + $reward($c, $as, $this->with($as, $subject, $clue), $subject);
                }
            }
            usort($options, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
            $next = [];
            foreach ($options as [$score, $subject, $as]) {
                $after = $as instanceof Role
                    ? $this->named($subject, $c, $clue, $as)
                    : $this->stated($subject, $c, $clue, $as);
                $after->score = $score;
                if ($reward !== null) {
                    $this->keep($after, $clue);
                }
                $key = $after->key();
                if (! isset($next[$key])) {
                    $next[$key] = $after;
                    if (count($next) === self::WIDTH) {
                        break;
                    }
                }
            }
            $beam = array_values($next) ?: $beam;
        }
        usort($beam, static fn (Subject $a, Subject $b): int => $b->score <=> $a->score);

        return $beam[0];
    }

    /** What waits too long for a name was said of nothing. */
    private function withoutStale(Subject $subject, Clue $clue): Subject
    {
        $first = $subject->waiting[0] ?? null;
        if ($first === null || $clue->from - $this->clues[$first]->to <= self::WAITS) {
            return $subject;
        }
        $after = clone $subject;
        $after->score += ($this->weights->of['stale'] ?? 0.0) * count($subject->waiting);
        $after->waiting = [];

        return $after;
    }

    private function readWords(): void
    {
        $nextName = null;
        $count = count($this->clues);
        for ($c = $count - 1; $c >= 0; $c--) {
            $clue = $this->clues[$c];
            $this->ofStatement[$c] = $clue->states() ? $this->targetSigns->ofWords($clue, $nextName) : [];
            if ($clue->name !== null) {
                $previous = $this->clues[$c - 1] ?? null;
                $behind = $previous !== null && $previous->states() && $clue->from - $previous->to <= 3
                    && $this->ground->stopsBetween($previous->to, $clue->from) === 0;
                $this->ofName[$c] = $this->nameSigns->ofWords(
                    $clue, $this->placed[$clue->name], $this->clues[$c + 1] ?? null, $behind,
                );
                if ($clue->states()) {
                    $this->ofName[$c]['may state'] = $this->ofStatement[$c]['may name'] = 1.0;
                }
                $nextName = $clue;
            }
        }
    }

    /** @return list<Role> */
    private function roles(Subject $subject, Clue $clue): array
    {
        if (isset($this->walk->aside[(int) $clue->name])) {
            return [Role::Passing];
        }
        $placed = $this->placed[(int) $clue->name];
        // "With the wheels chocked I pull the push rod": a condition, not the chocking.
        if ($placed->part->family() === 'safety' && $placed->standing->axle() !== null) {
            return [Role::Passing];
        }
        $key = $placed->key();
        foreach ($subject->names as $name) {
            if ($this->placed[$name]->key() === $key) {
                return [Role::Again, Role::Subject, Role::Passing];
            }
        }

        return $subject->names !== [] && $subject->isOpen && count($subject->names) < self::MOST_NAMES
            ? [Role::Subject, Role::Member, Role::Passing]
            : [Role::Subject, Role::Passing];
    }

    /** @return list<Target> */
    private function targets(Subject $subject): array
    {
        return [
            Target::Nothing, Target::Next,
            ...$subject->names === [] ? [] : [Target::Last],
            ...count($subject->names) > 1 ? [Target::List] : [],
            ...$subject->before === null ? [] : [Target::Before],
        ];
    }

    /** @return list<array{Role|Target, array<string, float>}> what a clue may be taken for, with the signs of each */
    public function options(Subject $subject, int $c, Clue $clue): array
    {
        $options = [];
        foreach ($clue->name === null ? [] : $this->roles($subject, $clue) as $role) {
            $options[] = [$role, $this->roleSigns($role, $subject, $c, $clue)];
        }
        foreach ($clue->states() ? $this->targets($subject) : [] as $target) {
            $signs = $this->signsOf($target, $subject, $c, $clue);
            if ($signs !== null) {
                $options[] = [$target, $signs];
            }
        }

        return $options;
    }

    /** @return array<string, float> */
    public function roleSigns(Role $role, Subject $subject, int $c, Clue $clue): array
    {
        $signs = $this->nameSigns->of($role, $this->ofName[$c], $clue, $subject, $this->placed);
        $takes = $role === Role::Subject || ($role === Role::Member && $subject->waiting !== []);
        foreach ($takes ? $subject->waiting : [] as $waiting) {
            $of = $this->fit($waiting, (int) $clue->name);
            $sign = $of->isImpossible($this->clues[$waiting]) ? 'taken lost' : 'taken '.$of->how;
            $signs[$sign] = ($signs[$sign] ?? 0.0) + 1.0;
            $signs['taken away'] = ($signs['taken away'] ?? 0.0)
                + min(40, max(0, $clue->from - $this->clues[$waiting]->to - 1)) / 10;
            $signs['taken stops'] = ($signs['taken stops'] ?? 0.0)
                + $this->ground->stopsBetween($this->clues[$waiting]->to, $clue->from);
        }

        return $signs;
    }

    /** @return array<string, float>|null */
    public function signsOf(Target $target, Subject $subject, int $c, Clue $clue): ?array
    {
        if ($target === Target::Next && $clue->isStrict) {
            return null;
        }
        $signs = $this->targetSigns->of(
            $target, $this->ofStatement[$c], $clue, $subject, $this->placed, fn (int $name): Fit => $this->fit($c, $name),
        );
        if ($signs !== null && $subject->waiting !== [] && $target !== Target::Next) {
            $signs['over waiting'] = 1.0;
        }

        return $signs;
    }

    public function fit(int $clue, int $name): Fit
    {
        return $this->fits[$clue * count($this->placed) + $name] ??= Fit::of(
            $this->clues[$clue], $this->placed[$name], $this->ground,
        );
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
        }
        $after->taken = $after->with = $this->with($role, $subject, $clue);
        $after->names[] = $name;
        $after->isOpen = $this->placed[$name]->kind !== EntryKind::PartSaying;
        $after->end = $clue->to;
        $after->waiting = $after->points = [];
        foreach ($after->taken as $waiting) {
            $after->points[$this->fit($waiting, $name)->point->value ?? ''] = true;
        }

        return $after;
    }

    private function keep(Subject $after, Clue $clue): void
    {
        foreach ($this->pairs($after->as ?? Target::Nothing, $after->with, $after->clue, $clue) as [$waiting, $name]) {
            $after->given[$this->placed[$name]->key().($this->fit($waiting, $name)->point->value ?? '')] = true;
        }
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
    private function with(Role|Target $as, Subject $subject, Clue $clue): array
    {
        return match ($as) {
            Target::Last => [(int) $subject->lastName()],
            Target::List => $subject->names,
            Target::Before => [(int) $subject->before],
            Role::Subject => $subject->waiting,
            Role::Member => $subject->waiting === [] ? $subject->taken : $subject->waiting,
            default => [],
        };
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
            $after->points[$this->fit($c, (int) $subject->lastName())->point->value ?? ''] = true;
        } elseif ($target === Target::Before) {
            $after->beforeEnd = max($after->beforeEnd, $clue->to);
        }

        return $after;
    }
}
