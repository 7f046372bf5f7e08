<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listing;

use Pasada\Core\Document\Fault;
use Pasada\Core\Listing\ColumnGuess;
use Pasada\Core\Listing\KnownParts;
use Pasada\Core\Listing\ListDocument;
use Pasada\Core\Listing\ListedPart;
use Pasada\Core\Listing\ListReader;
use Pasada\Core\Listing\PartRecognizer;
use Pasada\Core\Listing\PartsList;
use Pasada\Core\Tests\Listening\Ear;

/** Reads a list that a test makes up, with the shipped catalogue and lexicon. */
final class OwnList
{
    private static ?KnownParts $known = null;

    public static function known(): KnownParts
    {
        $json = (string) file_get_contents(dirname(__DIR__, 3).'/checklists/every-axle-every-point.json');
        $document = json_decode($json, true);

        return self::$known ??= KnownParts::of(is_array($document) ? $document : []);
    }

    public static function recognizer(): PartRecognizer
    {
        return new PartRecognizer(Ear::lexicon(), self::known());
    }

    /** @return list<string> what the columns are taken for */
    public static function columns(string $text): array
    {
        return array_column(ColumnGuess::of(PartsList::ofText($text), self::recognizer()), 'value');
    }

    /**
     * @param  array<int, string>  $choices
     * @return array{list<ListedPart>, array<string, mixed>, list<string>} lines, document and faults
     */
    public static function read(string $text, array $choices = []): array
    {
        $list = PartsList::ofText($text);
        $recognizer = self::recognizer();
        [$parts, $faults] = (new ListReader($recognizer, ColumnGuess::of($list, $recognizer), $choices))->read($list);
        [$document, $more] = ListDocument::of($parts, self::known());

        return [$parts, $document, array_map(static fn (Fault $one): string => (string) $one, [...$faults, ...$more])];
    }

    /** @return array<string, string> choice by line's text, with a ? where it is in doubt */
    public static function choices(string $text): array
    {
        $choices = [];
        foreach (self::read($text)[0] as $part) {
            $choices[$part->text] = $part->choice.($part->isSettled ? '' : '?');
        }

        return $choices;
    }
}
