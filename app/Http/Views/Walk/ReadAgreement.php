<?php

declare(strict_types=1);

namespace App\Http\Views\Walk;

use App\Actions\Walk\ReadSheet;
use App\Http\Resources\Record\AgreementResource;
use App\Http\Resources\Record\ItemChangeResource;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use Pasada\Core\Progress\Agreement;

/** How far the scorers of one walk agree; only once both are finished, so that neither sways the other. */
final readonly class ReadAgreement
{
    public function __construct(private ReadSheet $sheets) {}

    /** @return list<AgreementResource> one for each other finished attempt at the same walk */
    public function handle(Attempt $attempt): array
    {
        if ($attempt->status !== AttemptStatus::Finished) {
            return [];
        }
        $mine = $this->sheets->handle($attempt);
        $all = [];
        foreach (
            $attempt->walkMates()->with(Attempt::CARD)->where('status', AttemptStatus::Finished)->get() as $other
        ) {
            $theirs = $this->sheets->handle($other);
            $agreement = Agreement::between($mine, $theirs);
            $all[] = new AgreementResource(
                AttemptCardResource::of($other),
                $agreement->items,
                $agreement->agreed,
                $agreement->agreedPermille(),
                $agreement->kappaPermille,
                $agreement->said(),
                array_map(
                    static fn (string $id): ItemChangeResource => new ItemChangeResource(
                        $mine->outcomes[$id]->item->fullName(),
                        $mine->outcomes[$id]->status,
                        $theirs->outcomes[$id]->status,
                    ),
                    $agreement->differing,
                ),
            );
        }

        return $all;
    }
}
