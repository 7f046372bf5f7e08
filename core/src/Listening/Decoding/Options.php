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

    /** @return list<array{Role|Target, array<string, float>}> what a clue may be taken for, with the signs of each */
    public function of(Subject $subject, int $c, Clue $clue): array
    {
        $options = [];
        foreach ($clue->name === null ? [] : $this->roles->of($subject, $clue) as $role) {
            $options[] = [$role, $this->roleSigns($role, $subject, $c, $clue)];
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

    /** @return array<string, float> */
    private function roleSigns(Role $role, Subject $subject, int $c, Clue $clue): array
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
    private function signsOf(Target $target, Subject $subject, int $c, Clue $clue): ?array
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
}
