<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;
use Pasada\Core\Roster\RosterChoice;
use Pasada\Core\Roster\RosterColumn;

#[OA\Schema(required: ['name', 'content', 'keep'], properties: [
    new OA\Property(property: 'name', type: 'string', description: 'of the file'),
    new OA\Property(property: 'content', type: 'string', description: 'XLSX or CSV, in base 64'),
    new OA\Property(
        property: 'columns', type: 'array', items: new OA\Items(type: 'string', enum: RosterColumn::class),
        description: 'what each column holds; left out, it is guessed',
    ),
    new OA\Property(
        property: 'choices', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'),
        description: 'by line, for who may be there already: "new", "same" or "skip"',
    ),
    new OA\Property(property: 'keep', type: 'boolean', description: 'false only tells what is in it'),
])]
final class RosterRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('teach', User::class);

        return true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'content' => ['required', 'string', 'regex:~^[A-Za-z0-9+/=\s]+$~D'],
            'columns' => ['array', 'max:60'],
            'columns.*' => [Rule::enum(RosterColumn::class)],
            'choices' => ['array', 'max:2000'],
            'choices.*' => [Rule::enum(RosterChoice::class)],
            'keep' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Send the name of the file.',
            'content.*' => 'Send what the file holds, in base 64.',
            'columns.*' => 'Send for each column what it holds.',
            'choices.*' => 'Send for a line "new", "same" or "skip".',
            'keep.*' => 'Say whether to keep it, or only to tell what is in it.',
        ];
    }

    public function content(): string
    {
        $content = base64_decode($this->string('content')->toString(), true);

        return $content === false ? '' : $content;
    }

    /** @return list<RosterColumn>|null */
    public function columns(): ?array
    {
        /** @var list<string> $columns */
        $columns = array_values($this->array('columns'));

        return $columns === [] ? null : array_map(RosterColumn::from(...), $columns);
    }

    /** @return array<int, RosterChoice> by line */
    public function choices(): array
    {
        /** @var array<int, string> $choices */
        $choices = $this->array('choices');

        return array_map(RosterChoice::from(...), $choices);
    }
}
