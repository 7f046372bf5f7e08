<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\DocumentKind;
use App\Models\StoredDocument;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

#[
    OA\Schema(
        required: ['reason'],
        properties: [
            new OA\Property(
                property: 'reason', type: 'string', nullable: true, maxLength: 500,
                description: 'why it is withdrawn; null brings it back',
            ),
        ],
    ),
]
final class WithdrawVersionRequest extends FormRequest
{
    use GivesReason;
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('withdraw', $this->version());

        return true;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => 'Say in at most 500 letters why the version is withdrawn; null brings it back.'];
    }

    public function version(): StoredDocument
    {
        $kind = $this->route('kind');
        $id = $this->route('id');
        $kind = $kind instanceof DocumentKind ? $kind : DocumentKind::tryFrom(is_string($kind) ? $kind : '');
        if ($kind === null) {
            throw new NotFoundHttpException;
        }

        return $kind->model()::query()->findOrFail(is_numeric($id) ? (int) $id : 0);
    }
}
