<?php

declare(strict_types=1);

namespace App\Actions\Brakes;

use App\Library\JudgedPractice;
use App\Models\BrakePractice;
use App\Models\CabHelp;
use App\Models\StoredChecklist;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Pasada\Core\Brakes\Events\EventWriter;

/** Keeps what was practiced in the simulated cab. */
final readonly class KeepPractice
{
    /** Of one user: months of practice. The oldest go; a practice counts on no sheet. */
    private const MOST_KEPT = 200;

    /** @param  string|null  $id  UUID made by the page: kept once, however often it is sent */
    public function handle(
        User $by,
        StoredChecklist $checklist,
        CabHelp $help,
        JudgedPractice $practice,
        Carbon $now,
        ?string $id,
    ): void {
        // Found by its id, so that one that is sent twice, even at the same moment, is kept once.
        BrakePractice::query()->createOrFirst(
            ['user_id' => $by->id, 'uuid' => $id ?? (string) Str::uuid()],
            [
                'vehicle_id' => $practice->cab->vehicle->id,
                'checklist_id' => $checklist->id,
                'help' => $help,
                'drill' => $practice->drill,
                'standing' => $practice->judgment->procedure(),
                'tests' => $practice->judgment->byComponent(),
                'cause' => $practice->judgment->procedureCause(),
                'fault' => $practice->fault?->label(),
                'suspected' => $practice->suspected?->label(),
                'found' => $practice->found,
                'controls' => array_map(EventWriter::write(...), $practice->controls),
                'created_at' => $now,
            ],
        );
        $newest = BrakePractice::query()->where('user_id', $by->id)->latest('id')->limit(self::MOST_KEPT)->pluck('id');
        BrakePractice::query()->where('user_id', $by->id)->whereNotIn('id', $newest)->delete();
    }
}
