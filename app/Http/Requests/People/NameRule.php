<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Pasada\Core\Roster\PersonName;

/** A name by the core's rule. */
final class NameRule implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $fault = is_string($value) ? PersonName::fault($value) : 'Give a name.';
        if ($fault !== null) {
            $fail($fault);
        }
    }
}
