<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use App\Models\Attempt;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/**
 * Of whoever scores the attempt; asked before anything in the body is looked at.
 *
 * @mixin Request
 */
trait MarksAttempt
{
    public function authorize(): bool
    {
        Gate::authorize('mark', $this->attempt());

        return true;
    }

    public function attempt(): Attempt
    {
        $attempt = $this->route('attempt');
        assert($attempt instanceof Attempt);

        return $attempt;
    }
}
