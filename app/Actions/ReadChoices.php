<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\ChoiceResource;
use App\Http\Resources\ChoicesResource;
use App\Http\Resources\StudentCardResource;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Collection;

/** What an attempt can be started with: the newest version of each checklist and vehicle, and the students. */
final readonly class ReadChoices
{
    public function handle(User $user): ChoicesResource
    {
        return new ChoicesResource(
            array_values(Student::cards()->where('school_id', $user->school_id)->get()->sortBy('name')->map(StudentCardResource::of(...))->all()),
            $this->newest(StoredVehicle::query()->where('school_id', $user->school_id)->get()->toBase(), 'description'),
            $this->newest(StoredChecklist::query()->where('school_id', $user->school_id)->get()->toBase(), 'reason'),
        );
    }

    /**
     * @param  Collection<int, StoredChecklist>|Collection<int, StoredVehicle>  $rows
     * @return list<ChoiceResource>
     */
    private function newest(Collection $rows, string $about): array
    {
        return array_values($rows->sortByDesc('version')->unique('slug')->sortBy('name')->map(static function (StoredChecklist|StoredVehicle $row) use ($about): ChoiceResource {
            $document = json_decode($row->document, true);

            return new ChoiceResource($row->id, $row->name, is_array($document) && is_string($document[$about] ?? null) ? $document[$about] : '');
        })->all());
    }
}
