<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a student rehearsed alone: a place, an axle, a section or the whole vehicle. It counts on no sheet.
 *
 * @property string $id UUID made by the page
 * @property int $student_id
 * @property int $checklist_id
 * @property int $vehicle_id
 * @property string $scope as the core's Scope writes it
 * @property string $label
 * @property list<array<string, mixed>> $words pieces as the core's PieceReader reads them
 * @property int $pieces how many
 * @property int $asked items
 * @property int $whole items said whole
 * @property int $permille share of the credit
 * @property Carbon $begun_at
 * @property Carbon $changed_at
 * @property-read Student $student
 * @property-read StoredChecklist $checklist
 * @property-read StoredVehicle $vehicle
 */
final class Rehearsal extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = [
        'id', 'student_id', 'checklist_id', 'vehicle_id', 'scope', 'label', 'words', 'pieces', 'asked', 'whole',
        'permille', 'begun_at', 'changed_at',
    ];

    protected $attributes = ['words' => '[]', 'pieces' => 0, 'whole' => 0, 'permille' => 0];

    /** Whether what is said in it may be sent as sound. */
    public function keepsSound(): bool
    {
        return $this->student->keepsSound();
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<StoredChecklist, $this> */
    public function checklist(): BelongsTo
    {
        return $this->belongsTo(StoredChecklist::class, 'checklist_id');
    }

    /** @return BelongsTo<StoredVehicle, $this> */
    public function vehicle(): BelongsTo
    {
        return $this->belongsTo(StoredVehicle::class, 'vehicle_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['words' => 'array', 'begun_at' => 'datetime', 'changed_at' => 'datetime'];
    }
}
