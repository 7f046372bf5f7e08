<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Paper\PaperSize;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;

/** On which paper, and of an unmarked checklist, which one on which vehicle. */
final class PaperRequest extends FormRequest
{
    use SignedIn;

    /** @return array<string, list<string|Enum|Exists>> */
    public function rules(): array
    {
        $school = $this->signedIn()->school_id;
        $wants = $this->is('*/paper/checklist') ? 'required' : 'prohibited';

        return [
            'size' => ['nullable', Rule::enum(PaperSize::class)],
            'checklist_id' => [$wants, 'integer', StoredChecklist::existsIn($school)],
            'vehicle_id' => [$wants, 'integer', StoredVehicle::existsIn($school)],
            'form' => ['nullable', 'string', 'max:255'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'size.*' => 'Choose letter or a4.', 'checklist_id.*' => 'Choose a checklist of this school.',
            'vehicle_id.*' => 'Choose a vehicle of this school.', 'form.*' => 'Choose a form of the checklist.',
        ];
    }

    public function size(): PaperSize
    {
        return PaperSize::tryFrom($this->string('size')->toString()) ?? PaperSize::Letter;
    }
}
