<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** What a mark carries beside its id, time and kind: one class for each family of kinds. */
interface Payload
{
    /** Id of the item that it is about; null where it is about none. */
    public function item(): ?string;

    /** The same as fields of the open format. */
    public function fields(): MarkFields;
}
