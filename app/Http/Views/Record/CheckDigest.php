<?php

declare(strict_types=1);

namespace App\Http\Views\Record;

use App\Http\Resources\Record\DigestCheckResource;
use App\Library\RecordDigest;
use App\Models\Attempt;
use App\Models\Signature;

/** Compares the digest of a printed sheet, or its beginning, with the record as it is and as it was signed. */
final readonly class CheckDigest
{
    public function __construct(private RecordDigest $digests) {}

    public function handle(Attempt $attempt, string $printed): DigestCheckResource
    {
        $begins = static fn (?string $digest): bool => $digest !== null && str_starts_with($digest, $printed);
        $signed = $attempt->signatures()->get()->sortBy('id')
            ->filter(static fn (Signature $one): bool => $begins($one->digest));

        return new DigestCheckResource(
            $attempt->student->name, $attempt->started_at->toIso8601ZuluString(),
            $begins($this->digests->of($attempt)),
            array_values($signed->toBase()->map(static fn (Signature $one): string => sprintf(
                '%s, %s, %s UTC', $one->name, $one->party->value, $one->signed_at->toDateTimeString(),
            ))->all()),
        );
    }
}
