<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Pasada\Core\Brakes\Air\CabDrill;
use Pasada\Core\Brakes\Judging\Standing;

/**
 * A practice of the brake tests in the simulated cab; kept apart from what counts.
 *
 * @property int $id
 * @property int $user_id
 * @property string|null $uuid made by the page
 * @property CabHelp $help how much the cab told
 * @property CabDrill|null $drill the part of the sequence that was practiced; null for all of it
 * @property Standing $standing
 * @property array<string, bool>|null $tests which were done right, by component; null of one from before this was kept
 * @property string|null $cause what broke first
 * @property string|null $fault what was wrong with the truck, in words; null where it was sound
 * @property string|null $suspected what the student said was wrong
 * @property bool|null $found whether that was it; null where nothing was to be found
 * @property list<array<string, mixed>> $controls in the open format
 * @property Carbon $created_at
 * @property-read StoredVehicle $vehicle
 * @property-read StoredChecklist $checklist
 */
final class BrakePractice extends Model
{
    protected $fillable = [
        'user_id', 'uuid', 'vehicle_id', 'checklist_id', 'help', 'drill', 'standing', 'tests', 'cause', 'fault',
        'suspected', 'found', 'controls', 'created_at',
    ];

    /** @return BelongsTo<StoredVehicle, $this> */
    public function vehicle(): BelongsTo
    {
        return $this->belongsTo(StoredVehicle::class);
    }

    /** @return BelongsTo<StoredChecklist, $this> */
    public function checklist(): BelongsTo
    {
        return $this->belongsTo(StoredChecklist::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'help' => CabHelp::class,
            'drill' => CabDrill::class,
            'standing' => Standing::class,
            'tests' => 'array',
            'controls' => 'array',
            'found' => 'boolean',
        ];
    }
}
