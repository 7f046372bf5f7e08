<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\SchoolClass;
use App\Models\StoredVehicle;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Rules\Unique;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 120),
    new OA\Property(property: 'begins_on', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'ends_on', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'instructors', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'vehicles', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'archived', type: 'boolean'),
])]
final class SaveClassRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('teach', User::class);
        if ($this->schoolClass() !== null && $this->schoolClass()->school_id !== $this->signedIn()->school_id) {
            abort(404, 'There is no such class here.');
        }

        return true;
    }

    /** @return array<string, list<string|Exists|Unique|In>> */
    public function rules(): array
    {
        $school = $this->signedIn()->school_id;

        return [
            'name' => ['required', 'string', 'max:120', SchoolClass::uniqueIn($school, 'name')
                ->ignore($this->schoolClass()?->id)],
            'begins_on' => ['nullable', 'date_format:Y-m-d'],
            'ends_on' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:begins_on'],
            'instructors' => ['array', 'list', 'max:50'],
            'instructors.*' => ['integer', User::existsIn($school)],
            'vehicles' => ['array', 'list', 'max:50'],
            'vehicles.*' => ['string', Rule::in(StoredVehicle::ofSchool($school)->distinct()->pluck('slug')->all())],
            'archived' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the class a name, as "Port drayage, autumn".',
            'name.unique' => 'There is a class of this name already. Choose another name.',
            'name.*' => 'The name of a class has at most 120 letters.',
            'ends_on.after_or_equal' => 'A class ends after it begins; check both days.',
            'instructors.*' => 'Choose instructors of this school.',
            'vehicles.*' => 'Choose vehicles of this school.',
            '*.date_format' => 'Give the day as 2026-12-04.',
        ];
    }

    public function schoolClass(): ?SchoolClass
    {
        $class = $this->route('class');

        return $class instanceof SchoolClass ? $class : null;
    }

    /** @return array{name: string, begins_on: string|null, ends_on: string|null} */
    public function told(): array
    {
        return [
            'name' => $this->string('name')->squish()->toString(),
            'begins_on' => $this->filled('begins_on') ? $this->string('begins_on')->toString() : null,
            'ends_on' => $this->filled('ends_on') ? $this->string('ends_on')->toString() : null,
        ];
    }

    /** @return list<int> */
    public function instructors(): array
    {
        return array_map(
            static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0,
            array_values((array) $this->input('instructors')),
        );
    }

    /** @return list<string> */
    public function vehicles(): array
    {
        return array_values(array_filter((array) $this->input('vehicles'), is_string(...)));
    }
}
