<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

/**
 * How a school's students learn, forget and vary: standard deviations and rates on the logit scale, per attempt or per
 * day. Where a school is too small to tell, they are those that the class begins with.
 *
 * The starting values are estimates for spoken check lists, made on invented schools (docs/progress.md); what is known
 * of each is learnt from the school's own attempts.
 */
final readonly class Traits
{
    public function __construct(
        /** Spread of students at their first attempt. */
        public float $students = 1.0,
        /** What a student gains from one attempt to the next. */
        public float $learning = 0.25,
        /** Spread of that gain among students. */
        public float $learners = 0.15,
        /** What stays of a student's gain from one attempt to the next: nobody grows for ever. */
        public float $lasting = 0.9,
        /** How far a student's level moves by itself between two attempts. */
        public float $drift = 0.25,
        /** What is lost with the logarithm of the days since the last attempt. */
        public float $forgetting = 0.05,
        /** The form of the day, common to all of an attempt. */
        public float $days = 0.35,
        /** Spread of a student's places, of components across axles, and of single items. */
        public float $places = 0.6,
        public float $components = 0.5,
        public float $items = 0.9,
        /** How far a place moves by itself between two attempts, for it was taught meanwhile or was not. */
        public float $shifts = 0.15,
        /** What stays of a place's, component's or item's peculiarity from one attempt to the next. */
        public float $keeping = 0.85,
        /** Days in which what is peculiar about an item fades to a third. */
        public float $fading = 60.0,
        /** Level of students at their first attempt; how hard items are is told for a level of 0. */
        public float $start = 0.0,
    ) {}

    /** @return array<string, float> what is searched by factors, by the parameter's name */
    public function values(): array
    {
        return [
            'students' => $this->students, 'learning' => $this->learning, 'learners' => $this->learners,
            'lasting' => $this->lasting, 'drift' => $this->drift, 'forgetting' => $this->forgetting,
            'days' => $this->days,
            'places' => $this->places, 'components' => $this->components, 'items' => $this->items,
            'shifts' => $this->shifts, 'keeping' => $this->keeping, 'fading' => $this->fading,
        ];
    }

    /** The same with one of them multiplied. */
    public function times(string $name, float $factor): self
    {
        $values = $this->values();
        $values[$name] *= $factor;
        // More than all cannot stay.
        $values['keeping'] = min(0.995, $values['keeping']);
        $values['lasting'] = min(0.995, $values['lasting']);

        return new self(...$values, start: $this->start);
    }

    public function startingAt(float $level): self
    {
        return new self(...$this->values(), start: $level);
    }
}
