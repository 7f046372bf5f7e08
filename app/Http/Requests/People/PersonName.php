<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

/** What a name may be. */
final readonly class PersonName
{
    public const MOST = 120;

    /** Letters in it, no day of birth, and nothing by which a spreadsheet would begin to compute. */
    public const PATTERN = '/^(?![=+\-@])(?!.*\d{4})[^\x00-\x1f<>]*\p{L}[^\x00-\x1f<>]*$/u';

    /** @return array<string, string> */
    public static function messages(string $field): array
    {
        return [
            "$field.required" => 'Give a name.',
            "$field.max" => sprintf('A name has at most %d letters; shorten it.', self::MOST),
            "$field.regex" => 'This is no name: it holds a number, a formula or no letter. Write it as Mira Tallgrass.',
            "$field.string" => 'Give a name.',
        ];
    }
}
