<?php

declare(strict_types=1);

namespace App\Http\Requests\Sound;

use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;

/** The body is the sound itself. */
final class SoundPieceRequest extends FormRequest
{
    use MarksAttempt;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($this->getContent() === '') {
                $validator->errors()->add('piece', 'There is no sound in this piece; send its bytes as the body.');
            }
        });
    }
}
