<?php

declare(strict_types=1);

namespace App\Models;

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Vehicle\VehicleReader;

/** What a school keeps in versions. */
enum DocumentKind: string
{
    case Checklist = 'checklist';
    case Vehicle = 'vehicle';

    /** @return class-string<StoredDocument> */
    public function model(): string
    {
        return match ($this) {
            self::Checklist => StoredChecklist::class,
            self::Vehicle => StoredVehicle::class,
        };
    }

    /**
     * The id that the document gives itself.
     *
     * @throws DocumentHasFaults with every fault of the text and its path
     */
    public function check(string $json, string $name): string
    {
        return match ($this) {
            self::Checklist => (new ChecklistReader)->read($json, $name)->id,
            self::Vehicle => (new VehicleReader)->read($json, $name)->id,
        };
    }
}
