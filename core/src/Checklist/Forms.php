<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** The forms of a checklist. Without any, everything is asked. */
final readonly class Forms
{
    /**
     * @param  list<string>  $always  ids of the sections asked under every form
     * @param  array<string, Form>  $forms  by id; their weights sum to more than nothing
     */
    public function __construct(public array $always, public array $forms) {}

    public function of(string $id): ?Form
    {
        return $this->forms[$id] ?? null;
    }

    /** The form that this seed draws, the same every time; null where there are no forms. */
    public function draw(int $seed): ?Form
    {
        $total = array_sum(array_map(static fn (Form $form): int => $form->weight, $this->forms));
        if ($total === 0) {
            return null;
        }
        $drawn = (new Randomizer(new Mt19937($seed)))->getInt(1, $total);
        foreach ($this->forms as $form) {
            $drawn -= $form->weight;
            if ($drawn <= 0) {
                return $form;
            }
        }

        return null;
    }

    /** Whether a section is asked under a form; without one, all are. */
    public function asks(string $section, ?Form $form): bool
    {
        return $form === null ||
            in_array($section, $form->sections, true) ||
            (! $form->isChosen && in_array($section, $this->always, true));
    }
}
