<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Paper\PaperSize;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'size'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'made by the page'),
    new OA\Property(property: 'size', type: 'string', enum: PaperSize::class),
])]
final class PaperBundleRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        $class = $this->route('class');
        abort_unless(
            $class instanceof SchoolClass && $class->school_id === $this->signedIn()->school_id, 404,
            'There is no such class here.',
        );
        Gate::authorize('viewAny', Student::class);

        return true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'size' => ['required', Rule::enum(PaperSize::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['id.*' => 'Send an id of the papers, a UUID made by the page.', 'size.*' => 'Choose letter or a4.'];
    }

    public function bundleId(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function size(): PaperSize
    {
        return PaperSize::from($this->string('size')->toString());
    }
}
