<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exceptions\ProblemKind;
use App\Models\Draft;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/**
 * Of whoever may change the draft, as JSON, with the step that the change is made on.
 *
 * @mixin Request
 */
trait ChangesDraft
{
    public function authorize(): bool
    {
        $draft = $this->route('draft');
        assert($draft instanceof Draft);
        Gate::authorize('edit', $draft);
        abort_unless(
            $this->isJson(),
            ProblemKind::NotJson->status(),
            'Send this as JSON, with the header Content-Type: application/json.',
        );

        return true;
    }

    /** The step that the change is made on. */
    public function step(): int
    {
        return $this->integer('step');
    }
}
