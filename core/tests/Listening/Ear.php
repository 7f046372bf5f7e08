<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Listening\Account;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Lexicon\LexiconReader;
use Pasada\Core\Listening\Listener;

/** Listens to a text with the shipped lexicon and tells what was heard in short. */
final class Ear
{
    private static ?Lexicon $lexicon = null;

    /** @var list<Figure>|null */
    private static ?array $figures = null;

    /** @return array<string, string> the shipped lexicon files by name */
    public static function files(): array
    {
        $files = [];
        foreach (['parts.json', 'statements.json', 'talk.json', 'weights.json'] as $name) {
            $files[$name] = (string) file_get_contents(dirname(__DIR__, 3).'/catalogue/listening/'.$name);
        }

        return $files;
    }

    public static function lexicon(): Lexicon
    {
        return self::$lexicon ??= (new LexiconReader)->read(self::files());
    }

    public static function hears(string ...$cues): Account
    {
        self::$figures ??= (new ChecklistReader())->read(
            (string) file_get_contents(dirname(__DIR__, 3).'/checklists/whole-walk-round.json'),
        )->figures;
        $all = [];
        foreach (array_values($cues) as $n => $text) {
            $all[] = new Cue($n * 10.0, $text);
        }

        return (new Listener(self::lexicon(), self::$figures))->listen(new Transcript($all));
    }

    /** @return array<string, string> point codes in alphabetical order by component, with @axle where there is one */
    public static function points(string ...$cues): array
    {
        $heard = [];
        foreach (self::hears(...$cues)->heard as $proposal) {
            $codes = array_map(static fn (Point $point): string => $point->value, $proposal->points->points());
            sort($codes);
            $heard[$proposal->component.($proposal->axle === null ? '' : '@'.$proposal->axle)] = implode(' ', $codes);
        }
        ksort($heard);

        return $heard;
    }

    /** @return array<string, float> figures by component and key */
    public static function figures(string ...$cues): array
    {
        $figures = [];
        foreach (self::hears(...$cues)->heard as $proposal) {
            foreach ($proposal->figures as $key => $value) {
                $figures[$proposal->component.' '.$key] = $value;
            }
        }

        return $figures;
    }
}
