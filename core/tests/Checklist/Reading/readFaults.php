<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;

/**
 * @param  array<mixed>  $document
 * @return list<string> what is wrong with a checklist
 */
function readFaults(array $document): array
{
    try {
        (new ChecklistReader)->read((string) json_encode($document));
    } catch (DocumentHasFaults $caught) {
        return array_values(array_map(strval(...), $caught->faults));
    }

    return [];
}
