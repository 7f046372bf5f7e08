<?php

declare(strict_types=1);

namespace App\Operations;

/** Where this server writes files and logs: how much fits there, and how much must. */
final readonly class Room
{
    private const BYTES = 1_048_576;

    public function __construct(private string $folder, private int $leastMegabytes) {}

    public function canBeWritten(): bool
    {
        return is_writable($this->folder);
    }

    public function isLow(): bool
    {
        return $this->freeMegabytes() < $this->leastMegabytes;
    }

    /** In words of an operator. */
    public function said(): string
    {
        return sprintf(
            '%d MB are free where var/storage lies; %d MB are needed.', $this->freeMegabytes(), $this->leastMegabytes,
        );
    }

    private function freeMegabytes(): int
    {
        $free = disk_free_space($this->folder);

        return $free === false ? 0 : intdiv((int) $free, self::BYTES);
    }
}
