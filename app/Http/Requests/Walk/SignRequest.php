<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use App\Http\Requests\SignedIn;
use App\Library\Strokes;
use App\Models\Party;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['id', 'party', 'name', 'strokes'],
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page; sending it twice counts once',
            ),
            new OA\Property(property: 'party', type: 'string', enum: Party::class),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'strokes',
                type: 'array',
                description: 'x and y by turns, in thousandths of the pad; empty for a name that was typed',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer')),
            ),
            new OA\Property(
                property: 'typed',
                type: 'boolean',
                description: 'signed by typing the name, which the record then says: for who cannot draw on the glass',
            ),
            new OA\Property(
                property: 'code', type: 'string', nullable: true,
                description: 'of the account of who signs, in place of strokes',
            ),
        ],
    ),
]
final class SignRequest extends FormRequest
{
    use MarksAttempt;
    use SignedIn;

    public function authorize(): bool
    {
        // Asked before the rules: it may be anything yet.
        $told = $this->input('party');
        $party = Party::tryFrom(is_string($told) ? $told : '') ?? Party::Scorer;
        Gate::authorize('sign', [$this->attempt(), $party]);

        return true;
    }

    /** @return array<string, list<string|Enum|Closure>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'party' => ['required', Rule::enum(Party::class)],
            'name' => ['required', 'string', 'max:120'],
            'typed' => ['sometimes', 'boolean'],
            'code' => ['nullable', 'string', 'max:20'],
            'strokes' => $this->boolean('typed') || $this->filled('code')
                ? ['bail', 'present', 'array', 'size:0']
                : ['bail', 'required', 'array', 'list', 'min:1', 'max:400', $this->checkStrokes(...)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Send an id of the signature, a UUID made by the page.',
            'party.*' => 'Say who signs: the scorer or the student.',
            'name.*' => 'Write the name beside the signature, in at most 120 letters.',
            ...array_fill_keys(
                ['strokes.required', 'strokes.array', 'strokes.list', 'strokes.min'],
                'There is no signature on the glass yet.',
            ),
            'code.*' => 'A code has six letters and digits.',
            'typed.*' => 'Say whether the name was typed: true or false.',
            'strokes.size' => 'A typed signature has no strokes. Clear the glass, or sign on it.',
            'strokes.max' => 'The signature has too many strokes. Clear it and sign again.',
        ];
    }

    public function signatureId(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function party(): Party
    {
        return Party::from($this->string('party')->toString());
    }

    public function signer(): string
    {
        return $this->string('name')->trim()->toString();
    }

    /** Of the account of who signs on the device of another; empty where none was given. */
    public function code(): string
    {
        return $this->string('code')->trim()->toString();
    }

    /** @return list<list<int>> */
    public function strokes(): array
    {
        /** @var list<list<int>> $strokes checked by rules() */
        $strokes = $this->input('strokes');

        return $strokes;
    }

    private function checkStrokes(string $attribute, mixed $strokes, Closure $fail): void
    {
        $fault = Strokes::fault($strokes);
        if ($fault !== null) {
            $fail($fault);
        }
    }
}
