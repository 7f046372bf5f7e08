<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Language\Words;

/**
 * Follows, word by word, whether what is said is denied: "no cuts, bulges or leaks", "isn't bent", "nobody welded on
 * it", "checking for cracks". A denial reaches over a list and ends with its clause.
 */
final class Denial
{
    /** Words that deny what follows. */
    private const DENIES = [
        'not' => true,
        'no' => true,
        'none' => true,
        'nothing' => true,
        'nobody' => true,
        'never' => true,
        'nor' => true,
        'without' => true,
        'neither' => true,
        'zero' => true,
        'any' => true,
        'nowhere' => true,
    ];

    /** Denying words whose verb comes later: "none of them are cracked". */
    private const SUBJECTS = ['none' => true, 'nothing' => true, 'nobody' => true, 'neither' => true];

    /** Words that begin a new clause. */
    private const CLAUSE = [
        'is' => true,
        'are' => true,
        'it' => true,
        'they' => true,
        'has' => true,
        'have' => true,
        'that' => true,
        'then' => true,
        'so' => true,
        'but' => true,
        'because' => true,
        'i' => true,
        'we' => true,
        'my' => true,
        'should' => true,
        'must' => true,
    ];

    private const LOOKS = [
        'check' => true,
        'checking' => true,
        'checked' => true,
        'look' => true,
        'looking' => true,
        'inspect' => true,
        'inspecting' => true,
        'watch' => true,
        'listen' => true,
        'listening' => true,
        'feel' => true,
        'free' => true,
        'clear' => true,
    ];

    /** Words over which a denial reaches without meeting what it denies. */
    private const REACH = 7;

    private int $since = -100;

    private int $last = -100;

    private bool $isSubject = false;

    private bool $isLook = false;

    public function hear(Words $words, int $at): void
    {
        if ($words->break[$at] >= Words::SENTENCE) {
            $this->end();
        }
        $word = $words->text[$at];
        $before = $words->text[$at - 1] ?? '';
        if (isset(self::DENIES[$word])) {
            // "No more than" and "not less than" tell a limit, they deny nothing.
            if (in_array($words->text[$at + 1] ?? '', ['more', 'less', 'greater', 'over', 'under', 'only'], true)) {
                return;
            }
            [$this->since, $this->last, $this->isSubject, $this->isLook] = [
                $at,
                $at,
                isset(self::SUBJECTS[$word]),
                $this->isLook && $word === 'any' && $at - $this->last < 4,
            ];

            return;
        }
        if (
            in_array($word, ['for', 'of', 'from'], true) &&
            (isset(self::LOOKS[$before]) || isset(self::LOOKS[$words->text[$at - 2] ?? '']))
        ) {
            [$this->since, $this->last, $this->isSubject, $this->isLook] = [$at, $at, false, true];

            return;
        }
        if (isset(self::CLAUSE[$word]) && ! $this->isSubject && $at - $this->since > 1 && $this->denies($at)) {
            $this->end();
        }
    }

    public function denies(int $at): bool
    {
        return $at - $this->last <= self::REACH;
    }

    /** Whether the word right before is the denial itself. */
    public function isAt(int $at): bool
    {
        return $this->since === $at;
    }

    /** A fault word was denied: the denial reaches on over the list. */
    public function goOn(int $at): void
    {
        $this->last = $at;
    }

    public function end(): void
    {
        [$this->since, $this->last, $this->isSubject, $this->isLook] = [-100, -100, false, false];
    }
}
