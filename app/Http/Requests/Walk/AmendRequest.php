<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use App\Http\Requests\SignedIn;
use App\Models\Attempt;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['id', 'reason', 'marks'],
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page; sending it twice counts once',
            ),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'marks', type: 'array', items: new OA\Items(ref: '#/components/schemas/Mark')),
            new OA\Property(
                property: 'brake_events',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/BrakeEntry'),
            ),
        ],
    ),
]
final class AmendRequest extends FormRequest
{
    use SignedIn;

    private const MOST = 200;

    public function authorize(): bool
    {
        $attempt = $this->route('attempt');
        assert($attempt instanceof Attempt);
        Gate::authorize('amend', $attempt);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'reason' => ['required', 'string', 'min:5', 'max:500'],
            'marks' => ['required_without:brake_events', 'array', 'list', 'max:'.self::MOST],
            'brake_events' => ['array', 'list', 'max:'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Send an id of the amendment, a UUID made by the page.',
            'reason.*' => 'Say in a few words why the closed record is changed; the reason stays with it.',
            'marks.*' => 'Say what is changed: at most '.self::MOST.' marks as {"marks": [...]}.',
            'brake_events.*' => 'Send at most '.self::MOST.' observations as {"brake_events": [...]}.',
        ];
    }

    public function amendmentId(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->toString();
    }

    /** @return array<mixed> */
    public function marks(): array
    {
        return (array) $this->input('marks', []);
    }

    /** @return array<mixed> */
    public function brakeEvents(): array
    {
        return (array) $this->input('brake_events', []);
    }
}
