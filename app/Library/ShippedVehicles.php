<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\DocumentKind;
use Pasada\Core\Vehicle\VehicleReader;
use stdClass;

/** The usual vehicles that come with the application, to begin one's own with. */
final readonly class ShippedVehicles
{
    public function __construct(private ShippedDocuments $shipped) {}

    /** @return array<string, stdClass> their documents by id, by name */
    public function all(): array
    {
        $all = $names = [];
        foreach ($this->shipped->of(DocumentKind::Vehicle) as $id => $text) {
            $document = json_decode($text);
            if ($document instanceof stdClass) {
                $document->name = $this->kind($document);
                $names[$id] = $document->name;
                $all[$id] = $document;
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
