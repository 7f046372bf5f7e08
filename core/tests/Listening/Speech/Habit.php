<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

/** What people do with words that a list of names and statements does not show. */
enum Habit
{
    /** "This is my", "next", "here is the". */
    case Opened;
    /** Several parts, one statement for all. */
    case Joint;
    /** "No leaks on the water pump." */
    case Ahead;
    /** "Bolted to the frame", "beside the radiator". */
    case Attached;
    /** "That holds the spring down", "it cools the engine". */
    case Purpose;
    /** "All its bolts are there." */
    case Hardware;
    case Aside;
    case Recap;
    case Warning;
    case Correction;
    case Comparison;
    case Question;
    /** Names without a word about them. */
    case Bare;
    case StatedFirst;
    /** Said again a little later. */
    case Again;

    /** The style that lives by it; null where none does. */
    public function style(): ?Style
    {
        return match ($this) {
            self::Opened => Style::Sentences,
            self::Joint => Style::Joint,
            self::Attached, self::Purpose => Style::Mechanic,
            self::Hardware => Style::Hardware,
            self::Aside => Style::Teaching,
            self::Bare => Style::Lister,
            self::Correction => Style::Corrector,
            self::Question => Style::Examined,
            self::StatedFirst => Style::NamesLast,
            default => null,
        };
    }

    /** In a hundred, of the style that lives by it. */
    public function often(): int
    {
        return match ($this) {
            self::Opened, self::StatedFirst => 90,
            self::Joint => 55,
            self::Bare, self::Correction => 25,
            default => 45,
        };
    }

    /** In a hundred, of any other. */
    public function seldom(): int
    {
        return match ($this) {
            self::Opened => 40,
            self::Joint => 22,
            self::Attached, self::Purpose, self::Hardware => 13,
            self::Aside => 14,
            self::Recap, self::Warning, self::Ahead => 9,
            self::Comparison, self::Correction => 7,
            self::Bare, self::StatedFirst => 3,
            default => 4,
        };
    }
}
