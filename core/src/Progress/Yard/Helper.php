<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** An instructor or a vehicle: there in some slots, for some vehicles. */
final readonly class Helper
{
    /**
     * @param  array<string, true>|null  $free  slots by id; null for all
     * @param  array<string, true>|null  $vehicles  that an instructor may teach, by id; null for all
     */
    public function __construct(public string $id, private ?array $free, private ?array $vehicles = null) {}

    public function isFree(Slot $slot): bool
    {
        return $this->free === null || isset($this->free[$slot->id]);
    }

    public function teaches(string $vehicle): bool
    {
        return $this->vehicles === null || isset($this->vehicles[$vehicle]);
    }
}
