<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

/** How an invented speaker speaks. Each leans to some of the habits that people mix. */
enum Style: string
{
    /** "Slack adjuster, tight, one inch." */
    case Terse = 'terse';
    /** "This is my slack adjuster. It is securely mounted and ..." */
    case Sentences = 'full sentences';
    /** "Pitman arm, drag link and tie rod are all ..." */
    case Joint = 'joint statements';
    /** Sentences with asides to a class, recaps and warnings. */
    case Teaching = 'teaching';
    /** "Air cleaner, it hangs beside the radiator, solid." */
    case Mechanic = 'attachments and purposes';
    /** "All its bolts are there, its wires are not frayed." */
    case Hardware = 'small hardware';
    /** Names read out, and one word for all of them, or none. */
    case Lister = 'lists';
    /** "Two thirty seconds, no, four", "like we had it on the front". */
    case Corrector = 'corrections and comparisons';
    /** Captions with full stops in the wrong places. */
    case Chopped = 'stops in wrong places';
    case NamesLast = 'condition before the name';
    /** Held out of development: an examiner asks in between and the student answers. */
    case Examined = 'questions and answers';
    /** Held out of development: later axles by reference, with an exception. */
    case References = 'references';

    public function isHeldOut(): bool
    {
        return $this === self::Examined || $this === self::References;
    }

    /** How often, in a hundred, a habit shows; every speaker has a little of each. */
    public function leaning(Habit $habit): int
    {
        return match (true) {
            $habit->style() === $this => $habit->often(),
            $this === self::Terse && $habit === Habit::Opened => 5,
            $this === self::Lister && $habit === Habit::Joint => 45,
            $this === self::Teaching && in_array($habit, [Habit::Recap, Habit::Warning], true) => 15,
            $this === self::Corrector && $habit === Habit::Comparison => 25,
            $this === self::NamesLast && $habit === Habit::Opened => 0,
            default => $habit->seldom(),
        };
    }
}
