<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\StoredChecklist;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class AskedRequest extends FormRequest
{
    use NamesInspection;

    public function authorize(): bool
    {
        Gate::authorize('viewAny', StoredChecklist::class);

        return true;
    }
}
