<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Walking\Placed;

/** Which roles a name may play at all; which of them it does play is for the weights. */
final readonly class Roles
{
    /** Most names that are spoken of together. */
    private const MOST_NAMES = 12;

    /** Words within which small hardware is that of the part at hand. */
    private const HARDWARE_WORDS = 9;

    /** "Hoses leading to the steering box". */
    private const LEADS = [
        'leading', 'leads', 'going', 'goes', 'coming', 'comes', 'connected', 'running', 'runs', 'off', 'attached',
    ];

    public function __construct(private WalkClues $walk) {}

    /** @return non-empty-list<Role> */
    public function of(Subject $subject, Clue $clue): array
    {
        $name = (int) $clue->name;
        $placed = $this->walk->placed[$name];
        // "With the wheels chocked I pull the push rod": a condition, not the chocking.
        $isCondition = $placed->part->family() === 'safety' && $placed->standing->axle() !== null;
        if (isset($this->walk->aside[$name]) || $isCondition) {
            return [Role::Passing];
        }
        $first = $subject->waiting[0] ?? null;
        if ($first !== null && $this->walk->clues[$first]->isDefect) {
            return [Role::Subject];
        }
        $last = $subject->lastName();
        if ($last !== null && $this->belongsTo($placed, $this->walk->placed[$last], $clue)) {
            return [Role::Passing];
        }
        foreach ($subject->names as $one) {
            if ($this->walk->placed[$one]->key() === $placed->key()) {
                return [Role::Again, Role::Subject, Role::Passing];
            }
        }

        return $last !== null && $subject->isOpen && $subject->waiting === []
            && count($subject->names) < self::MOST_NAMES
            ? [Role::Subject, Role::Member, Role::Passing]
            : [Role::Subject, Role::Passing];
    }

    /** Another word for what is spoken of ("that's the plate"), its nuts, or where it leads to. */
    private function belongsTo(Placed $placed, Placed $last, Clue $clue): bool
    {
        $ground = $this->walk->ground;
        $gap = $clue->from - $last->mention->to;
        $before = $ground->before($clue->from);
        if (
            in_array($ground->word($before), ['to', 'from', 'of'], true) && $before - $last->mention->to <= 1
            && $gap >= 0 && in_array($ground->word($before - 1), self::LEADS, true)
        ) {
            return true;
        }
        if ($placed->kind !== EntryKind::PartWhereFitting || $gap < 0) {
            return false;
        }
        $words = implode(' ', array_slice($ground->words->text, max(0, $clue->from - 3), min(3, $clue->from)));

        return ($gap <= 4 && preg_match('/(that is|which is|called) (the|your|my|a|an)$/', $words) === 1)
            || ($gap < self::HARDWARE_WORDS && $placed->part->isHardware && $placed->part->goesWith === []
                && $last->part->points->has(Point::Complete) && $last->standing === $placed->standing
                && $ground->stopsBetween($last->mention->to, $clue->from) === 0);
    }
}
