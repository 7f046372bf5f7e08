<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['reason'], properties: [new OA\Property(property: 'reason', type: 'string', maxLength: 500)])]
final class DiscardRequest extends FormRequest
{
    use MarksAttempt;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => 'Say in at most 500 letters why the walk is discarded: it stays in the trail.'];
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->toString();
    }
}
