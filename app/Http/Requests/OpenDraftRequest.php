<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\StoredDocument;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: DocumentKind::class),
    new OA\Property(property: 'base_id', type: 'integer', description: 'the version to change'),
    new OA\Property(property: 'as_new', type: 'boolean', description: 'make a document of its own from it'),
    new OA\Property(property: 'text', type: 'string', description: 'or: what a file holds, in the open format'),
    new OA\Property(property: 'usual', type: 'string', description: 'or: id of a usual vehicle to begin with'),
])]
final class OpenDraftRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('create', Draft::class);

        return true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(DocumentKind::class)],
            'base_id' => ['required_without_all:text,usual', 'integer'],
            'as_new' => ['boolean'],
            'text' => ['string'],
            'usual' => ['prohibited_unless:kind,vehicle', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            '*.required_without_all' => 'Choose what to change, or a file to import.',
            'usual.prohibited_unless' => 'Only a vehicle can begin as a usual vehicle. Leave usual out.',
        ];
    }

    public function kind(): DocumentKind
    {
        return DocumentKind::from($this->string('kind')->toString());
    }

    public function base(): StoredDocument
    {
        return $this->kind()->model()::ofSchool($this->signedIn()->school_id)->findOrFail($this->integer('base_id'));
    }

    /** Id of the usual vehicle to begin with; null where it begins otherwise. */
    public function usual(): ?string
    {
        return $this->filled('usual') ? $this->string('usual')->toString() : null;
    }

    public function text(): ?string
    {
        return $this->filled('text') ? $this->string('text')->toString() : null;
    }
}
