<?php

declare(strict_types=1);

namespace App\Paper;

use App\Library\InspectionLibrary;
use App\Models\Paper\PaperSize;
use App\Models\School;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Coaching\Coach;

/** An unmarked checklist in walking order, for a day without devices, and an examiner's form of it. */
final readonly class ChecklistPaper
{
    public function __construct(
        private InspectionLibrary $inspections, private Coach $coach, private Printer $printer,
    ) {}

    public function of(
        School $school, StoredChecklist $checklist, StoredVehicle $vehicle, ?string $form, PaperSize $size,
    ): string {
        $inspection = $this->inspections->of($checklist, $vehicle, $form)->withoutDefects();
        $sections = [];
        $number = 0;
        foreach ($inspection->items as $item) {
            $sections[$item->section] ??= ['name' => $inspection->sections[$item->section]->name, 'items' => []];
            $sections[$item->section]['items'][] = [
                'number' => ++$number,
                'name' => $item->fullName(),
                'points' => array_map(
                    fn (Point $point): string => $this->coach->label($point),
                    [...$item->essential->points(), ...$item->further->points()],
                ),
            ];
        }
        $version = sprintf('%s, version %d', $checklist->name, $checklist->version);

        return $this->printer->print('checklist', [
            'title' => $checklist->name.($inspection->form === null ? '' : ', '.$inspection->form->name),
            'about' => sprintf('%s, %s. %s. Version %d, %d items.', $school->name, $school->state, $vehicle->name,
                $checklist->version, $number),
            'sections' => array_values($sections),
        ], $size, "$version · $vehicle->name");
    }
}
