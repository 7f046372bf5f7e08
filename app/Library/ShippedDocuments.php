<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\DocumentKind;
use stdClass;

/** Checklists and vehicles that come with the application, as their files are. */
final readonly class ShippedDocuments
{
    /** @param  string  $folder  of the project */
    public function __construct(private string $folder) {}

    /** @return array<string, string> name by id */
    public function names(DocumentKind $kind): array
    {
        return array_map(static function (string $text): string {
            $document = json_decode($text);

            return $document instanceof stdClass && is_string($document->name ?? null) ? $document->name : '';
        }, $this->of($kind));
    }

    /** @return array<string, string> text by id */
    public function of(DocumentKind $kind): array
    {
        $texts = [];
        $files = glob($this->folder.'/'.$kind->value.'s/*.json');
        foreach ($files === false ? [] : $files as $file) {
            $texts[basename($file, '.json')] = (string) file_get_contents($file);
        }

        return $texts;
    }
}
