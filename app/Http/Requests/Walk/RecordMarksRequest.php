<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use App\Http\Requests\SignedIn;
use App\Models\Attempt;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The shape of the batch; each mark is checked against its sheet by the core's MarkReader. */
#[
    OA\Schema(
        required: ['recorder', 'marks'],
        properties: [
            new OA\Property(
                property: 'recorder',
                type: 'string',
                format: 'uuid',
                description: 'the device; its clock only runs forward',
            ),
            new OA\Property(
                property: 'marks',
                type: 'array',
                minItems: 1,
                maxItems: self::MOST,
                items: new OA\Items(ref: '#/components/schemas/Mark'),
            ),
        ],
    ),
]
final class RecordMarksRequest extends FormRequest
{
    use SignedIn;

    /** A whole walk sent at once after hours offline fits twice. */
    public const MOST = 1500;

    public function authorize(): bool
    {
        Gate::authorize('mark', $this->attempt());

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'recorder' => ['required', 'uuid'],
            'marks' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'marks.required' => 'There is no mark in this batch: send {"recorder": ..., "marks": [...]} as JSON.',
            'marks.max' => 'Send at most :max marks at a time.',
        ];
    }

    public function attempt(): Attempt
    {
        $attempt = $this->route('attempt');
        assert($attempt instanceof Attempt);

        return $attempt;
    }

    public function recorder(): string
    {
        return mb_strtolower($this->string('recorder')->toString());
    }

    /** @return array{marks: mixed} */
    public function document(): array
    {
        return ['marks' => $this->input('marks')];
    }
}
