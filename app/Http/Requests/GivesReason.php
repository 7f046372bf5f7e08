<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/**
 * Gives the reason why something is taken away; null in its place brings it back.
 *
 * @mixin Request
 */
trait GivesReason
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['reason' => ['present', 'nullable', 'string', 'max:500']];
    }

    public function reason(): ?string
    {
        $reason = $this->string('reason')->trim()->toString();

        return $reason === '' ? null : $reason;
    }
}
