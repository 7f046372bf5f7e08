<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use App\Models\Party;
use App\Models\Signature;
use OpenApi\Attributes as OA;

/** `strokes` are x and y by turns, in thousandths of the pad. */
#[OA\Schema]
final readonly class SignatureResource
{
    /** @param  list<list<int>>  $strokes */
    public function __construct(
        #[OA\Property(type: 'string', enum: Party::class)]
        public Party $party,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer')))]
        public array $strokes,
        #[OA\Property]
        public string $signed_at,
        #[OA\Property(description: 'by what it was signed, in words')]
        public string $means,
        #[OA\Property(nullable: true, description: 'in whose session it was entered')]
        public ?string $entered_by,
        #[OA\Property(description: 'whether the record is as it was signed; false where it was changed since')]
        public bool $stands,
    ) {}

    public static function of(Signature $signature, bool $stands): self
    {
        return new self(
            $signature->party, $signature->name, $signature->strokes, $signature->signed_at->toIso8601ZuluString(),
            $signature->means->said($signature->strokes === []), $signature->enteredBy?->name, $stands,
        );
    }
}
