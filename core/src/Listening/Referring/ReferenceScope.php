<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Referring;

use Pasada\Core\Checklist\Zone;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Binding\Finding;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Span;
use Pasada\Core\Listening\Walking\Station;

/** What a reference covers, and for which axle it was said. */
final readonly class ReferenceScope
{
    private const BEFORE_WORDS = 8;

    /** What is referred to may be named behind: "same thing for the brakes". */
    private const AFTER_WORDS = 4;

    private const EXCEPT = ['except', 'but', 'besides'];

    /** Words behind "except" within which a part is named that is left out. */
    private const EXCEPT_WORDS = 12;

    private const FAMILY_WORDS = ['suspension' => 'susp', 'brakes' => 'brake', 'wheels' => 'wheel'];

    private const FAMILIES = ['susp', 'brake', 'wheel'];

    /**
     * @param  list<Span>  $spans
     * @param  list<Finding>  $findings
     * @param  list<array{int, Station}>  $route
     */
    public function __construct(
        private Words $words, private array $spans, private array $findings, private array $route,
    ) {}

    /**
     * @param  list<array{int, int, string}>  $references
     * @return list<array{float, SaidReference}>
     */
    public function of(array $references, Transcript $transcript): array
    {
        $said = [];
        foreach ($references as $n => [$from, $to, $kind]) {
            $covers = $this->covers(
                $from,
                $to,
                max($to, min($to + self::AFTER_WORDS, ($references[$n + 1][0] ?? PHP_INT_MAX) - 1)),
                $kind,
            );
            $atAxle =
                array_filter(
                    $covers,
                    static fn (string $covered): bool => in_array(explode('.', $covered)[0], self::FAMILIES, true),
                ) !== [];
            $axle = $atAxle ? $this->axle($from, $to) : null;
            if ($kind === 'same_as_before' && $covers === []) {
                continue;
            }
            $said[] = [
                $transcript->cues[$this->words->cue[$from]]->from,
                new SaidReference($from, $to, $axle, $covers, $kind, $this->except($to)),
            ];
        }

        return $said;
    }

    /**
     * @param  int  $behind  word to which what is referred to may be named, where it is not before
     * @return list<string>
     */
    private function covers(int $from, int $to, int $behind, string $kind): array
    {
        $groups = $this->groups($from, $to);
        $groups = $groups === [] ? $this->groups($from, $behind) : $groups;
        if ($groups !== []) {
            return array_values(array_intersect(self::FAMILIES, $groups));
        }
        $parts = [];
        foreach ($this->findings as $finding) {
            $mention = $finding->placed->mention;
            if (
                $mention->to <= $from &&
                $from - $mention->to < 5 &&
                $finding->placed->kind === EntryKind::Part &&
                ! $this->isApart($mention->from, $from)
            ) {
                $parts = [$finding->placed->part->id];
            }
        }

        return match (true) {
            $kind === 'other_side' => [],
            $parts !== [] => $parts,
            $kind === 'other_axle' => self::FAMILIES,
            default => [],
        };
    }

    /** @return list<string> parts that are named behind "except" */
    private function except(int $to): array
    {
        $isExcept = false;
        for ($i = $to; $i < min($this->words->count(), $to + 2); $i++) {
            $isExcept = $isExcept || in_array($this->words->text[$i], self::EXCEPT, true);
        }
        $except = [];
        foreach ($isExcept ? $this->findings : [] as $finding) {
            $from = $finding->placed->mention->from;
            if ($from >= $to && $from - $to < self::EXCEPT_WORDS && ! $this->isApart($to, $from)) {
                $except[] = $finding->placed->part->id;
            }
        }

        return $except;
    }

    /** @return list<string> families that are named around a reference */
    private function groups(int $from, int $to): array
    {
        $groups = [];
        foreach ($this->spans as $span) {
            $isNear =
                $span->to > $from - self::BEFORE_WORDS && $span->from < $to && ! $this->isApart($span->from, $from);
            if (
                $isNear &&
                $span->place !== null &&
                str_starts_with($span->place, 'group:') &&
                $span->place !== 'group:detail'
            ) {
                $groups[] = substr($span->place, 6);
            }
        }
        for ($i = max(0, $from - self::BEFORE_WORDS); $i < min($this->words->count(), $to); $i++) {
            if (isset(self::FAMILY_WORDS[$this->words->text[$i]]) && ! $this->isApart($i, $from)) {
                $groups[] = self::FAMILY_WORDS[$this->words->text[$i]];
            }
        }

        return $groups;
    }

    private function isApart(int $from, int $to): bool
    {
        for ($i = min($from, $to) + 1; $i <= max($from, $to); $i++) {
            if ($this->words->break[$i] >= Words::SENTENCE || ReferenceFinder::opens($this->words, $i)) {
                return true;
            }
        }

        return false;
    }

    private function axle(int $from, int $to): ?string
    {
        $before = null;
        foreach ($this->route as [$at, $standing]) {
            if ($at <= $from) {
                $before = $standing->axle()?->value;
            }
        }
        if ($before !== null && ! ($before === 'steer' && $this->speaksOf($from, $to, ['front', 'steer', 'steers']))) {
            return $before;
        }
        foreach ($this->findings as $finding) {
            if (
                $finding->placed->mention->from >= $from &&
                $finding->placed->part->zone === Zone::Axle &&
                $finding->placed->axle() !== 'steer'
            ) {
                return $finding->placed->axle();
            }
        }

        return 'drive';
    }

    /** @param  list<string>  $any */
    private function speaksOf(int $from, int $to, array $any): bool
    {
        return array_intersect($any, array_slice($this->words->text, $from, $to - $from)) !== [];
    }
}
