<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** "The same as ...": the items of a place, said by naming an axle or a side. */
final readonly class ReferencePayload implements Payload
{
    /** @param  list<string>  $except  ids of items that were left out */
    public function __construct(public string $place, public ReferredTo $from, public array $except) {}

    public function item(): null
    {
        return null;
    }

    public function fields(): MarkFields
    {
        return new MarkFields(place: $this->place, from: $this->from, except: $this->except);
    }
}
