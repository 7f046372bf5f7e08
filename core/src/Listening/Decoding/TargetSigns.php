<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Walking\Placed;

/** The signs that a statement is said of one thing or another. */
final readonly class TargetSigns
{
    private const PREPOSITIONS = [
        'on' => true, 'in' => true, 'at' => true, 'from' => true, 'around' => true, 'of' => true, 'inside' => true,
        'under' => true, 'for' => true, 'with' => true, 'to' => true, 'along' => true, 'between' => true,
    ];

    private const FASTENS = ['to' => true, 'on' => true, 'in' => true, 'with' => true, 'at' => true];

    private const VERBS = [
        'is' => true, 'are' => true, 'be' => true, 'it' => true, 'was' => true, 'has' => true, 'looks' => true,
        'they' => true, 'not' => true, 'them' => true, 'and' => true, 'in' => true,
    ];

    public function __construct(private Ground $ground) {}

    /**
     * Those that hang on the words alone.
     *
     * @param  Clue|null  $next  the next clue that names something
     * @return array<string, float>
     */
    public function ofWords(Clue $clue, ?Clue $next): array
    {
        $signs = [];
        $gap = $next === null ? 100 : $next->from - $clue->to;
        $before = $this->ground->word($clue->from - 1);
        if ($next !== null && $gap <= 4 && $this->ground->stopsBetween($clue->to, $next->from) === 0) {
            $between = array_slice($this->ground->words->text, $clue->to, $gap);
            $preposition = array_filter($between, static fn (string $word): bool => isset(self::PREPOSITIONS[$word]));
            $rest = array_filter(
                $between,
                static fn (string $word): bool => ! Ground::isLittle($word) && ! isset(self::PREPOSITIONS[$word]),
            );
            $isMounted = $clue->statement?->points[0] === Point::Mounted;
            $fastens = array_filter($preposition, static fn (string $word): bool => isset(self::FASTENS[$word])) !== [];
            $signs = [
                'name ahead' => $rest === [] ? 1.0 : 0.0,
                'preposition' => $rest === [] && $preposition !== [] && ! ($isMounted && $fastens) ? 1.0 : 0.0,
                'fastens' => $isMounted && $fastens ? 1.0 : 0.0,
                'comma ahead' => $this->ground->commasBetween($clue->to, $next->from) > 0 ? 1.0 : 0.0,
            ];
        }

        return array_filter(
            [
                ...$signs,
                'begins' => $this->ground->isStop($clue->from) ? 1.0 : 0.0,
                'comma' => $this->ground->words->break[$clue->from] === Words::COMMA ? 1.0 : 0.0,
                'attribute' => $this->isAttribute($clue) && $gap <= 5 ? 1.0 : 0.0,
                'verb before' => isset(self::VERBS[$before]) ? 1.0 : 0.0,
                'figure' => $clue->quantity !== null ? 1.0 : 0.0,
                'defect' => $clue->isDefect ? 1.0 : 0.0,
            ],
            static fn (float $sign): bool => $sign !== 0.0,
        );
    }

    /** "I have a fully charged and properly secured extinguisher": what stands between "a" and the name. */
    private function isAttribute(Clue $clue): bool
    {
        for ($i = $clue->from - 1; $i >= 0 && $clue->from - $i <= 5; $i--) {
            $word = $this->ground->word($i);
            if (in_array($word, ['a', 'an'], true)) {
                return true;
            }
            if (($word !== 'and' && preg_match('/..(ly|ed)$/', $word) !== 1) || $this->ground->isStop($i + 1)) {
                return false;
            }
        }

        return false;
    }

    /**
     * Those that hang on what is spoken of.
     *
     * @param  list<Placed>  $placed
     * @param  callable(int): Fit  $fit  of a name
     * @return array<string, float>|null null where it cannot be
     */
    public function ofSubject(Target $target, Clue $clue, Subject $subject, array $placed, callable $fit): ?array
    {
        return match ($target) {
            Target::Nothing => [],
            Target::Next => [
                'as before' => $subject->last === Target::Next ? 1.0 : 0.0,
                'habit' => $subject->habit,
                'strong habit' => $subject->habit > 0.5 ? 1.0 : 0.0,
                'waiting' => $subject->waiting !== [] ? 1.0 : 0.0,
                'no subject' => $subject->names === [] ? 1.0 : 0.0,
            ],
            Target::List => $this->ofList($clue, $subject, $placed, $fit),
            Target::Last, Target::Before => $this->ofOne($target, $clue, $subject, $placed, $fit),
        };
    }

    /** @return array<string, float> */
    private function away(int $end, Clue $clue, Subject $subject): array
    {
        $away = $clue->from - $end;

        return [
            'away' => min(40, max(0, $away - 2)) / 10,
            'far' => $away > 34 ? 1.0 : 0.0,
            'habit' => $subject->habit,
            'stops' => (float) min(3, $this->ground->stopsBetween($end, $clue->from)),
        ];
    }

    /**
     * @param  list<Placed>  $placed
     * @param  callable(int): Fit  $fit
     * @return array<string, float>|null
     */
    private function ofList(Clue $clue, Subject $subject, array $placed, callable $fit): ?array
    {
        $last = $placed[(int) $subject->lastName()];
        $listed = 0;
        foreach ($subject->names as $one) {
            $of = $fit($one);
            $listed += $of->isListed() && ! $of->isImpossible($clue) ? 1 : 0;
        }
        if ($listed === 0) {
            return null;
        }

        $isJoint = $this->ground->jointBetween($last->mention->to, $clue->from + 1) > 0;
        $isBig = count($subject->names) > 2;

        return [
            ...$this->away($subject->end, $clue, $subject),
            'share' => $listed / count($subject->names),
            'joint' => $isJoint ? 1.0 : 0.0,
            'joint of many' => $isJoint && $isBig ? 1.0 : 0.0,
            'plural' => $this->ground->pluralBetween($last->mention->to, $clue->from + 1) > 0
                && ! str_ends_with($this->ground->word($last->mention->to - 1), 's') ? 1.0 : 0.0,
            'open' => $subject->isOpen ? 1.0 : 0.0,
            'big' => $isBig ? 1.0 : 0.0,
            'loose' => $subject->isLoose ? 1.0 : 0.0,
            'singular' => $this->isSingular($last, $clue) ? 1.0 : 0.0,
            'as before' => $subject->last === Target::List ? 1.0 : 0.0,
        ];
    }

    /**
     * @param  list<Placed>  $placed
     * @param  callable(int): Fit  $fit
     * @return array<string, float>|null
     */
    private function ofOne(Target $target, Clue $clue, Subject $subject, array $placed, callable $fit): ?array
    {
        $isLast = $target === Target::Last;
        $name = (int) ($isLast ? $subject->lastName() : $subject->before);
        $of = $fit($name);
        if ($of->isImpossible($clue)) {
            return null;
        }
        $signs = [...$this->away($isLast ? $subject->end : $subject->beforeEnd, $clue, $subject), $of->how => 1.0];
        if ($isLast) {
            $isOfMany = count($subject->names) > 1;
            $signs['given'] = isset($subject->points[$of->point->value ?? '']) ? 1.0 : 0.0;
            $signs['one of many'] = $isOfMany ? 1.0 : 0.0;
            $signs['singular'] = $isOfMany && $this->isSingular($placed[$name], $clue) ? 1.0 : 0.0;
            $signs['open'] = $subject->isOpen ? 1.0 : 0.0;
        }

        return $signs;
    }

    /** "X and Y is tight" speaks of Y. */
    private function isSingular(Placed $last, Clue $clue): bool
    {
        return $clue->from > $last->mention->to && $clue->from - $last->mention->to <= 4
            && array_intersect(
                [$this->ground->word($last->mention->to), $this->ground->word($last->mention->to + 1)], ['is', 'it'],
            ) !== [];
    }
}
