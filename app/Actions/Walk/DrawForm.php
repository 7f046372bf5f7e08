<?php

declare(strict_types=1);

namespace App\Actions\Walk;

use App\Library\InspectionLibrary;
use App\Models\StoredChecklist;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** Draws the form of an attempt, or takes the one that was set by hand. */
final readonly class DrawForm
{
    public function __construct(private InspectionLibrary $inspections) {}

    /**
     * @param  string|null  $asked  "draw", the id of a form, or null for all that the checklist asks
     * @param  int  $seed  kept with the attempt, so that anybody can draw again and see that it was fair
     * @return array{?string, ?int} id of the form and what it was drawn with; no seed where it was not drawn
     *
     * @throws DocumentHasFaults if the checklist has no such form
     */
    public function handle(StoredChecklist $stored, ?string $asked, int $seed): array
    {
        if ($asked === null) {
            return [null, null];
        }
        $checklist = $this->inspections->checklistOf($stored);
        $forms = $checklist->forms;
        if ($asked === 'draw') {
            $drawn = $forms->draw($seed);

            return [$drawn?->id, $drawn === null ? null : $seed];
        }
        if ($checklist->form($asked) === null) {
            throw DocumentHasFaults::in('New attempt', [
                Fault::at(
                    'form',
                    sprintf(
                        '"%s" has no form "%s"; it has %s',
                        $stored->name,
                        $asked,
                        $forms->forms === [] ? 'none' : implode(', ', array_keys($forms->forms)),
                    ),
                ),
            ]);
        }

        return [$asked, null];
    }
}
