<?php

declare(strict_types=1);

namespace App\Library;

use Pasada\Core\Vehicle\VehicleReader;
use stdClass;

/** The usual vehicles that come with the application, to begin one's own with. */
final readonly class ShippedVehicles
{
    /** @param  string  $folder  of the project */
    public function __construct(private string $folder) {}

    /** @return array<string, stdClass> their documents by id, by name */
    public function all(): array
    {
        $all = $names = [];
        $files = glob($this->folder.'/vehicles/*.json');
        foreach ($files === false ? [] : $files as $file) {
            $document = json_decode((string) file_get_contents($file));
            if ($document instanceof stdClass) {
                $document->name = $this->kind($document);
                $names[basename($file, '.json')] = $document->name;
                $all[basename($file, '.json')] = $document;
            }
        }
        array_multisort($names, $all);

        return $all;
    }

    /** Without what is of one vehicle only: its number in the yard, its own figures and its defects. */
    public function blank(string $id): ?stdClass
    {
        $document = $this->all()[$id] ?? null;
        if ($document !== null) {
            unset($document->figures, $document->defects);
            $document->format = VehicleReader::FORMAT;
        }

        return $document;
    }

    /** "Dock 4, day cab with 40 ft container chassis" is a day cab with one. */
    private function kind(stdClass $document): string
    {
        $name = is_string($document->name ?? null) ? $document->name : '';
        $comma = strpos($name, ', ');

        return ucfirst($comma === false ? $name : substr($name, $comma + 2));
    }
}
