<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Listening\Walking\Placed;

/** What every clue of a walk may be taken for, with the signs of each. */
final class Options
{
    private const SAME = ['same', 'likewise', 'ditto'];

    private readonly Roles $roles;

    private readonly NameSigns $nameSigns;

    private readonly TargetSigns $targetSigns;

    /** @var list<Clue> */
    private readonly array $clues;

    /** @var list<Placed> */
    private readonly array $placed;

    private readonly Ground $ground;

    /** @var array<int, Fit> by clue and name */
    private array $fits = [];

    /** @var array<int, array<string, float>> signs of the words, by clue */
    private array $ofName = [];

    /** @var array<int, array<string, float>> */
    private array $ofStatement = [];

    public function __construct(WalkClues $walk)
    {
        $this->clues = $walk->clues;
        $this->placed = $walk->placed;
        $this->ground = $walk->ground;
        $this->roles = new Roles($walk);
        $this->nameSigns = new NameSigns($walk->ground);
        $this->targetSigns = new TargetSigns($walk->ground);
        $this->readWords();
    }

    /**
     * What a clue may be taken for, with the signs that hang on what is spoken of, by what they are signs of.
     *
     * @return list<array{Role|Target, array<string, array<string, float>>}>
     */
    public function of(Subject $subject, int $c): array
    {
        $clue = $this->clues[$c];
        $options = [];
        foreach ($clue->name === null ? [] : $this->roles->of($subject, $clue) as $role) {
            $options[] = [$role, $this->roleSigns($role, $subject, $clue)];
        }
        // "Turn signals, same deal": what is the same is a part.
        $isName = $clue->name !== null && in_array($this->ground->word($clue->to), self::SAME, true);
        $targets = match (true) {
            ! $clue->states() || $isName => [],
            // "A crack in this reflector" is none in what was spoken of before.
            $clue->isDefect && isset($this->ofStatement[$c]['preposition']) => [Target::Next],
            default => $this->targets($subject),
        };
        foreach ($targets as $target) {
            $signs = $this->signsOf($target, $subject, $c, $clue);
            if ($signs !== null) {
                $options[] = [$target, $signs];
            }
        }

        return $options;
    }

    /**
     * The signs of the words, which are the same whatever is spoken of.
     *
     * @return array<string, float>
     */
    public function ofWords(int $c, Role|Target $as): array
    {
        return $as instanceof Role ? $this->ofName[$c] : $this->ofStatement[$c];
    }

    public function fit(int $clue, int $name): Fit
    {
        return $this->fits[$clue * count($this->placed) + $name] ??= Fit::of(
            $this->clues[$clue], $this->placed[$name], $this->ground,
        );
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

    /** @return array<string, array<string, float>> */
    private function roleSigns(Role $role, Subject $subject, Clue $clue): array
    {
        $signs = [$role->value => $this->nameSigns->ofSubject($role, $clue, $subject, $this->placed)];
        if ($role !== Role::Subject || $subject->waiting === []) {
            return $signs;
        }
        $taken = ['away' => 0.0, 'stops' => 0.0];
        foreach ($subject->waiting as $waiting) {
            $of = $this->fit($waiting, (int) $clue->name);
            $how = $of->isImpossible($this->clues[$waiting]) ? 'lost' : $of->how;
            $taken[$how] = ($taken[$how] ?? 0.0) + 1.0;
            $taken['away'] += min(40, max(0, $clue->from - $this->clues[$waiting]->to - 1)) / 10;
            $taken['stops'] += $this->ground->stopsBetween($this->clues[$waiting]->to, $clue->from);
        }

        return [...$signs, 'taken' => $taken];
    }

    /** @return array<string, array<string, float>>|null */
    private function signsOf(Target $target, Subject $subject, int $c, Clue $clue): ?array
    {
        if ($target === Target::Next && $clue->isStrict) {
            return null;
        }
        $signs = $this->targetSigns->ofSubject(
            $target, $clue, $subject, $this->placed, fn (int $name): Fit => $this->fit($c, $name),
        );

        return match (true) {
            $signs === null => null,
            $subject->waiting !== [] && $target !== Target::Next => [
                $target->value => $signs,
                'over' => ['waiting' => 1.0],
            ],
            default => [$target->value => $signs],
        };
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
                $isStated = $previous !== null && $previous->states() && $clue->from - $previous->to <= 3
                    && $this->ground->stopsBetween($previous->to, $clue->from) === 0;
                $this->ofName[$c] = $this->nameSigns->ofWords(
                    $clue, $this->placed[$clue->name], $this->clues[$c + 1] ?? null,
                    $isStated ? $previous : null,
                );
                if ($clue->states()) {
                    $this->ofName[$c]['may state'] = $this->ofStatement[$c]['may name'] = 1.0;
                }
                $nextName = $clue;
            }
        }
    }
}
