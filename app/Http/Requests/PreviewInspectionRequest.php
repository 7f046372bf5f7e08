<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class PreviewInspectionRequest extends FormRequest
{
    use NamesInspection;

    public function authorize(): bool
    {
        Gate::authorize('create', Attempt::class);

        return true;
    }
}
