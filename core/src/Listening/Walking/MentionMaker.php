<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Walking;

use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Span;

/** Makes mentions of the runs of words that may name a part. */
final readonly class MentionMaker
{
    /** Words after a part within which a shared name means what goes with it. */
    private const COMPANION_WORDS = 26;

    /** Words before a part within which it does: "hoses leading to the steering box". */
    private const COMPANION_AHEAD = 4;

    /** What such a name gains over others. */
    private const COMPANION = 0.08;

    /** Statements behind a name that are looked at. */
    private const AHEAD = 3;

    /** What a name costs more of a part that is not asked for one of them. */
    private const UNASKED = 0.02;

    private const SUBSTANCES = [
        'oil' => true,
        'coolant' => true,
        'antifreeze' => true,
        'fuel' => true,
        'diesel' => true,
        'water' => true,
        'fluid' => true,
        'fluids' => true,
    ];

    private const SPILT = [
        'ground', 'leak', 'leaks', 'leaking', 'puddle', 'puddles', 'drip', 'drips', 'dripping', 'spill', 'spills',
    ];

    private const SPILT_WORDS = 8;

    public function __construct(private Lexicon $lexicon) {}

    /**
     * @param  list<Span>  $spans
     * @return list<Mention>
     */
    public function mentions(array $spans, Words $words): array
    {
        $mentions = $recent = [];
        foreach ($spans as $n => $span) {
            $next = $spans[$n + 1] ?? null;
            if ($next !== null && $next->from > $span->to && $next->from - $span->to <= self::COMPANION_AHEAD) {
                $recent += array_fill_keys(array_keys($next->parts), $next->from);
            }
            $candidates = $this->supported($this->candidates($span, $recent), array_slice($spans, $n + 1, self::AHEAD));
            if ($candidates !== [] && ! $this->isSpilt($span, $words)) {
                $mentions[] = new Mention(
                    $span->from, $span->to, $candidates, $span->statement, $this->isPassing($span, $words),
                    $span->place !== null && ! str_starts_with($span->place, 'group:'),
                );
            }
            foreach (array_keys($span->parts) as $id) {
                $recent[$id] = $span->to;
            }
        }

        return $mentions;
    }

    /**
     * Of parts with one name those are likelier that are asked for what is said next: of three reflective tapes only
     * two have a width.
     *
     * @param  array<string, array{float, EntryKind}>  $candidates
     * @param  list<Span>  $next
     * @return array<string, array{float, EntryKind}>
     */
    private function supported(array $candidates, array $next): array
    {
        foreach (count($candidates) > 1 ? $next : [] as $span) {
            if ($span->statement === null || $span->parts !== []) {
                break;
            }
            foreach ($candidates as $id => [$cost, $kind]) {
                $isAsked = $this->lexicon->statements[$span->statement]->pointOf($this->lexicon->parts[$id]) !== null;
                $candidates[$id] = [$isAsked ? $cost : $cost + self::UNASKED, $kind];
            }
        }

        return $candidates;
    }

    /**
     * @param  array<string, int>  $recent  word at which a part was last named
     * @return array<string, array{float, EntryKind}>
     */
    private function candidates(Span $span, array $recent): array
    {
        $candidates = [];
        foreach ($span->fitting as $id => $cost) {
            $with = $this->lexicon->parts[$id]->goesWith;
            $isNear =
                array_filter(
                    $with,
                    static fn (string $other): bool => $span->from - ($recent[$other] ?? -100) < self::COMPANION_WORDS,
                ) !== [];
            // "Cap", "straps", "hoses": those of what was named just before.
            if ($with === [] || $isNear) {
                $candidates[$id] = [$isNear ? $cost - self::COMPANION : $cost, EntryKind::PartWhereFitting];
            }
        }
        foreach ($span->parts as $id => $cost) {
            $candidates[$id] = [$cost, EntryKind::Part];
        }
        foreach ($span->saying as $id => $cost) {
            $candidates[$id] = [$cost, EntryKind::PartSaying];
        }

        return $candidates;
    }

    /** "No fresh oil, coolant or fuel on the ground": what may have run out is no part. */
    private function isSpilt(Span $span, Words $words): bool
    {
        $text = $words->text;
        if ($span->to - $span->from > 1 || ! isset(self::SUBSTANCES[$text[$span->from]])) {
            return false;
        }
        $beside = array_filter(
            [
                $text[$span->from - 1] ?? '',
                $text[$span->to] ?? '',
                in_array($text[$span->from - 1] ?? '', ['or', 'and'], true) ? $text[$span->from - 2] ?? '' : '',
                in_array($text[$span->to] ?? '', ['or', 'and'], true) ? $text[$span->to + 1] ?? '' : '',
            ],
            static fn (string $word): bool => isset(self::SUBSTANCES[$word]),
        );
        $around = array_slice($text, max(0, $span->from - self::SPILT_WORDS), 2 * self::SPILT_WORDS);

        return $beside !== [] && array_intersect($around, self::SPILT) !== [];
    }

    private function isPassing(Span $span, Words $words): bool
    {
        return in_array($words->text[$span->from - 1] ?? '', ['to', 'off', 'against', 'from', 'of'], true)
            || in_array($words->text[$span->from - 2] ?? '', ['to', 'off', 'against', 'from', 'hit'], true);
    }
}
