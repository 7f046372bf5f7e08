<?php

declare(strict_types=1);

namespace App\Library;

use Pasada\Core\Listing\KnownParts;

/** The parts that are known, as the shipped checklist that asks nearly all of them has them. */
final readonly class CatalogOfParts
{
    private const WITH_NEARLY_ALL = 'checklists/every-axle-every-point.json';

    /** @param  string  $folder  of the project */
    public function __construct(private string $folder) {}

    public function parts(): KnownParts
    {
        $document = json_decode((string) file_get_contents($this->folder.'/'.self::WITH_NEARLY_ALL), true);

        return KnownParts::of(is_array($document) ? $document : []);
    }
}
