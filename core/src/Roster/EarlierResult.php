<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

/** What came of an exam before the school had Pasada. */
final readonly class EarlierResult
{
    public function __construct(
        /** Year-month-day. */
        public string $heldOn,
        public bool $passed,
    ) {}

    /** @return bool|null whether a cell says that it was passed; null where it says neither */
    private static function passed(string $said): ?bool
    {
        return match (true) {
            preg_match('/^(not? |un|dis)|^no?$|fail|^0$|^f$|✗|✕/iu', $said) === 1 => false,
            preg_match('/pass|^y(es)?$|^1$|^p$|✓|✔/iu', $said) === 1 => true,
            default => null,
        };
    }

    /** @return array{self|null, list<string>} and what is wrong */
    public static function read(string $said, string $day, string $today): array
    {
        if ($said === '') {
            return [null, []];
        }
        $passed = self::passed($said);
        [$heldOn, $faults] = WrittenDay::read($day);
        if ($passed === null) {
            $faults[] = "\"$said\" is no result; write \"passed\" or \"failed\".";
        }
        if ($heldOn === null && $faults === []) {
            $faults[] = 'There is a result, and no day of the exam.';
        }
        if ($heldOn > $today) {
            $faults[] = "The exam of $heldOn lies ahead and has no result yet.";
        }

        return [$faults === [] && $passed !== null
            ? new self($heldOn, $passed) : null, $faults];
    }
}
