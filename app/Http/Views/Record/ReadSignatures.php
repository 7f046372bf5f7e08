<?php

declare(strict_types=1);

namespace App\Http\Views\Record;

use App\Http\Resources\Record\SignatureResource;
use App\Library\RecordDigest;
use App\Models\Attempt;
use App\Models\Signature;

/** The signatures under a record, oldest first, each with whether the record still is what was signed. */
final readonly class ReadSignatures
{
    public function __construct(private RecordDigest $digests) {}

    /** @return list<SignatureResource> */
    public function handle(Attempt $attempt): array
    {
        $signatures = $attempt->signatures()->with('enteredBy')->get()->sortBy('id');
        if ($signatures->isEmpty()) {
            return [];
        }
        $digest = $this->digests->of($attempt);
        $lastAmended = $attempt->amendments()->max('made_at');

        // One from before records had digests, or over a sheet of an earlier scoring that was not kept, stands as long
        // as nothing was amended after it.
        $isEarlier = $attempt->result?->isOfEarlierEngine() === true;

        return array_values(
            $signatures
                ->map(
                    static fn (Signature $one): SignatureResource => SignatureResource::of(
                        $one,
                        $one->digest === null || $isEarlier
                            ? ! is_string($lastAmended) || $one->signed_at->gte($lastAmended)
                            : hash_equals($one->digest, $digest),
                    ),
                )
                ->all(),
        );
    }
}
