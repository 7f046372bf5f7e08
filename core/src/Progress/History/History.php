<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\History;

/** What the students of a school earned in the past. */
final readonly class History
{
    /**
     * @param  list<PastStudent>  $students
     * @param  list<string>  $unknown  items that were earned and that the checklist does not ask on the vehicle
     */
    public function __construct(public array $students, public array $unknown) {}
}
