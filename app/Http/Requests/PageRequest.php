<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Pagination\Cursor;

/** Asks for a part of a list: so many rows behind a place that the page before it told. */
final class PageRequest extends FormRequest
{
    use SignedIn;

    /** Rows of a page that names no number; a page of before pages were there asks for none. */
    public const USUAL = 500;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'limit' => ['nullable', 'integer', 'between:1,'.self::USUAL],
            'cursor' => ['nullable', 'string', 'max:500', static function (
                string $field, mixed $value, Closure $fail,
            ): void {
                if (! is_string($value) || Cursor::fromEncoded($value) === null) {
                    $fail('This is no place in the list. Begin with its first page, whose answer tells the next.');
                }
            }],
        ];
    }

    public function limit(): int
    {
        return $this->filled('limit') ? $this->integer('limit') : self::USUAL;
    }

    public function cursor(): ?Cursor
    {
        $told = $this->input('cursor');

        return is_string($told) ? Cursor::fromEncoded($told) : null;
    }
}
