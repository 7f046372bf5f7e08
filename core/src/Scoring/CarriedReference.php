<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Reference;

/** A spoken reference as it touches one item: from another item, or from one side of it to the other. */
final readonly class CarriedReference
{
    public function __construct(
        /** Id of the item that it is said of. */
        public string $item,
        /** Id of the item that it names; the same where one side names the other. */
        public string $source,
        public Reference $reference,
        /** Points that mean the same at both, as bits. */
        public int $carriable,
    ) {}
}
