<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Contracts\Cache\Repository;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Lexicon\LexiconReader;
use Pasada\Core\Listening\Listener;

/** Hands out listeners with the school's lexicon, which is read once and kept. */
final readonly class ListeningLibrary
{
    private const FILES = ['parts.json', 'statements.json', 'talk.json', 'weights.json'];

    /** Where nothing else is said, figures are compared with those of this shipped checklist. */
    private const USUAL_FIGURES = 'checklists/whole-walk-round.json';

    /** @param  string  $folder  of the project */
    public function __construct(private Repository $cache, private string $folder) {}

    public function lexicon(): Lexicon
    {
        $files = $this->files();

        return $this->cache->rememberForever(
            'lexicon:'.$this->version(),
            static fn (): Lexicon => (new LexiconReader())->read($files),
        );
    }

    /** Changes with what the lexicon's files say. */
    public function version(): string
    {
        return hash('xxh128', implode('', $this->files()));
    }

    /** @return array<string, string> by name */
    private function files(): array
    {
        $files = [];
        foreach (self::FILES as $name) {
            $files[$name] = (string) file_get_contents($this->folder.'/catalogue/listening/'.$name);
        }

        return $files;
    }

    /** Listens for every component of the catalogue, at every axle. */
    public function forAnything(): Listener
    {
        return $this->withFigures(
            (new ChecklistReader())->read((string) file_get_contents($this->folder.'/'.self::USUAL_FIGURES))
                ->figures,
        );
    }

    /** @param  list<Figure>  $figures  what is accepted */
    public function withFigures(array $figures): Listener
    {
        return new Listener($this->lexicon(), $figures);
    }

    /** Listens for what is asked; talk about other parts is off the list. */
    public function forInspection(Checklist $checklist, Inspection $inspection): Listener
    {
        $asked = [];
        foreach ($inspection->items as $item) {
            $asked[$item->component] = true;
        }
        foreach ($checklist->sections as $section) {
            foreach ($section->stops as $stop) {
                foreach ($stop->asks as $component) {
                    foreach (isset($asked[$component->id]) ? $component->parts : [] as $part) {
                        $asked[$part->id] = true;
                    }
                }
            }
        }

        $vehicle = $inspection->vehicle;

        return new Listener(
            $this->lexicon()->onVehicle($vehicle), $checklist->figuresOn($vehicle), array_keys($asked),
        );
    }
}
