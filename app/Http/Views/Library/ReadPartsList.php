<?php

declare(strict_types=1);

namespace App\Http\Views\Library;

use App\Http\Resources\Library\FaultResource;
use App\Http\Resources\Library\ListColumnResource;
use App\Http\Resources\Library\ListedPartResource;
use App\Http\Resources\Library\PartsListResource;
use App\Library\CatalogOfParts;
use App\Library\ListeningLibrary;
use Pasada\Core\Document\Fault;
use Pasada\Core\Listing\ColumnGuess;
use Pasada\Core\Listing\ListColumn;
use Pasada\Core\Listing\ListDocument;
use Pasada\Core\Listing\ListedPart;
use Pasada\Core\Listing\ListReader;
use Pasada\Core\Listing\PartRecognizer;
use Pasada\Core\Listing\PartsList;

/** Somebody's own list of parts as a checklist would have it, with what is in doubt. Nothing is kept. */
final readonly class ReadPartsList
{
    public function __construct(private CatalogOfParts $catalog, private ListeningLibrary $listeners) {}

    /**
     * @param  list<ListColumn>|null  $columns  what a person said that they hold; null to guess
     * @param  array<int, string>  $choices  by line
     */
    public function handle(PartsList $list, ?array $columns, array $choices): PartsListResource
    {
        $known = $this->catalog->parts();
        $recognizer = new PartRecognizer($this->listeners->lexicon(), $known);
        $columns = $columns !== null && count($columns) === count($list->headings)
            ? $columns
            : ColumnGuess::of($list, $recognizer);
        $choices = array_filter(
            $choices,
            static fn (string $choice): bool => isset($known->components[$choice])
                || in_array($choice, [ListedPart::MAKE_NEW, ListedPart::LEAVE_OUT], true),
        );
        [$parts, $faults] = (new ListReader($recognizer, $columns, $choices))->read($list);
        [$document, $more] = ListDocument::of($parts, $known);

        return new PartsListResource(
            array_map(
                static fn (int $at, string $heading, ListColumn $column): ListColumnResource => ListColumnResource::of(
                    $heading, $column, array_column(array_slice($list->rows, 0, 3), $at),
                ),
                array_keys($list->headings), $list->headings, $columns,
            ),
            array_map(
                static fn (ListedPart $part): ListedPartResource => ListedPartResource::of($part, $known), $parts,
            ),
            array_map(static fn (Fault $fault): FaultResource => FaultResource::of($fault), [...$faults, ...$more]),
            (object) $document,
        );
    }
}
