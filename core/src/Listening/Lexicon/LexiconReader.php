<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Lexicon;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Language\Sound;
use Pasada\Core\Listening\Decoding\Weights;

/**
 * Reads the lexicon from its three files: parts, statements and talk.
 *
 * A name may hold choices: "(fan|drive) belt" is two names, "(brake)? drum" is one with and one without the word.
 */
final readonly class LexiconReader
{
    /** Each entry may stand for so many names; more is a slip of the pen. */
    private const MOST_CHOICES = 200;

    /**
     * @param  array<string, string>  $files  JSON by name: `parts.json`, `statements.json`, `talk.json`,
     *   `weights.json`
     *
     * @throws DocumentHasFaults naming the file, the place in it and the remedy
     */
    public function read(array $files): Lexicon
    {
        $entries = [];
        $parts = $this->parts($this->open($files, 'parts.json', $faults), $entries);
        $faults->stopIfAny('parts.json');
        $statements = $this->statements($this->open($files, 'statements.json', $faults), $entries);
        $faults->stopIfAny('statements.json');
        $everyday = $this->talk($this->open($files, 'talk.json', $faults), $entries);
        $faults->stopIfAny('talk.json');

        $weights = $this->weights($this->open($files, 'weights.json', $faults));
        $faults->stopIfAny('weights.json');

        return Lexicon::of($parts, $statements, $entries, $everyday, $weights);
    }

    /**
     * @param  array<string, string>  $files
     *
     * @param-out Faults $faults
     */
    private function open(array $files, string $name, ?Faults &$faults): Node
    {
        $faults = new Faults;

        return Node::parse($files[$name] ?? '', $faults);
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, Part>
     */
    private function parts(Node $root, array &$entries): array
    {
        $root->only('parts', 'siblings', 'heads');
        $parts = [];
        foreach ($root->entries('parts') as $id => $node) {
            $node->only(
                'zone', 'essential', 'further', 'names', 'where_fitting', 'says', 'lends', 'goes_with', 'hardware',
            );
            $zone = $node->enum('zone', Zone::class);
            $essential = $this->points($node, 'essential');
            $parts[$id] = new Part(
                $id,
                $zone,
                $essential,
                $essential->with($this->points($node, 'further')),
                $node->has('lends') ? $node->enum('lends', Point::class) : null,
                $node->has('goes_with') ? $node->strings('goes_with') : [],
                $node->boolOr('hardware', false),
            );
            foreach (
                [
                    'names' => EntryKind::Part,
                    'where_fitting' => EntryKind::PartWhereFitting,
                    'says' => EntryKind::PartSaying,
                ] as $field => $kind
            ) {
                foreach ($node->has($field) ? $node->strings($field) : [] as $name) {
                    $this->add($entries, $kind, $id, $name, $node);
                }
            }
        }
        $this->siblings($root, $parts, $entries);
        $this->heads($root, $entries);

        return $parts;
    }

    /**
     * Words that people use one for the other at the end of a name: a coolant tank is a coolant bottle.
     *
     * @param  list<Entry>  $entries
     */
    private function heads(Node $root, array &$entries): void
    {
        $taken = [];
        foreach ($entries as $entry) {
            $taken[$entry->words] = true;
        }
        $names = array_filter($entries, static fn (Entry $entry): bool => $entry->kind === EntryKind::Part);
        foreach ($root->has('heads') ? $root->nodes('heads') : [] as $node) {
            $heads = $node->strings('words');
            foreach ($names as $entry) {
                $owner = strrpos($entry->words, ' ');
                if ($owner === false || ! in_array(substr($entry->words, $owner + 1), $heads, true)) {
                    continue;
                }
                foreach ($heads as $head) {
                    $name = substr($entry->words, 0, $owner).' '.$head;
                    if (! isset($taken[$name])) {
                        $this->add($entries, $entry->kind, $entry->means, $name, $node);
                    }
                }
            }
        }
    }

    /**
     * Parts of one name in several places, which only the place tells apart: a mud flap of tractor and trailer.
     *
     * @param  array<string, Part>  $parts
     * @param  list<Entry>  $entries
     */
    private function siblings(Node $root, array $parts, array &$entries): void
    {
        foreach ($root->has('siblings') ? $root->nodes('siblings') : [] as $node) {
            $node->only('parts', 'names');
            foreach ($node->strings('parts') as $id) {
                if (! isset($parts[$id])) {
                    $node->fault(sprintf('"%s" is no part of this file', $id));

                    continue;
                }
                foreach ($node->strings('names') as $name) {
                    $this->add($entries, EntryKind::Part, $id, $name, $node);
                }
            }
        }
    }

    private function points(Node $node, string $field): PointSet
    {
        $points = [];
        foreach ($node->has($field) ? $node->strings($field) : [] as $code) {
            $point = Point::tryFrom($code);
            if ($point === null) {
                $node->fault(sprintf('"%s" is no point code', $code));
            } else {
                $points[] = $point;
            }
        }

        return PointSet::of(...$points);
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Statement>
     */
    private function statements(Node $root, array &$entries): array
    {
        $root->only('statements');
        $statements = [];
        foreach ($root->nodes('statements') as $node) {
            $node->only('points', 'said', 'words');
            $points = $this->points($node, 'points');
            $ordered = array_values(array_filter(array_map(Point::tryFrom(...), $node->strings('points'))));
            $said = $node->string('said');
            if ($points->isEmpty() || $ordered === [] || ! in_array($said, ['denied', 'as it is'], true)) {
                $node->fault('give points, and "denied" for a fault word or "as it is" for a sound one');

                continue;
            }
            foreach ($node->strings('words') as $word) {
                $this->add($entries, EntryKind::Statement, (string) count($statements), $word, $node);
            }
            $statements[] = new Statement($ordered, $said === 'denied');
        }

        return $statements;
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, true>
     */
    private function talk(Node $root, array &$entries): array
    {
        $root->only('places', 'groups', 'everyday');
        foreach (['places' => '', 'groups' => 'group:'] as $field => $prefix) {
            foreach (array_keys($root->entries($field)) as $name) {
                foreach ($root->child($field)->strings($name) as $words) {
                    $this->add($entries, EntryKind::Place, $prefix.$name, $words, $root);
                }
            }
        }

        return array_fill_keys($root->strings('everyday'), true);
    }

    private function weights(Node $root): Weights
    {
        $of = [];
        foreach ($root->entries('weights') as $name => $node) {
            $weight = $node->raw();
            if (is_int($weight) || is_float($weight)) {
                $of[$name] = (float) $weight;
            } else {
                $node->fault('give a number');
            }
        }

        return new Weights($of);
    }

    /** @param  list<Entry>  $entries */
    private function add(array &$entries, EntryKind $kind, string $means, string $pattern, Node $node): void
    {
        $choices = self::choices($pattern);
        if ($choices === [] || count($choices) > self::MOST_CHOICES) {
            $node->fault(
                sprintf(
                    '"%s" stands for %d names; give between 1 and %d',
                    $pattern,
                    count($choices),
                    self::MOST_CHOICES,
                ),
            );

            return;
        }
        foreach ($choices as $words) {
            $list = array_values(
                array_filter(
                    explode(' ', $words),
                    static fn (string $word): bool => $word !== '' && ! isset(Lexicon::FILLERS[$word]),
                ),
            );
            if ($list === []) {
                $node->fault(sprintf('"%s" has no word left when articles are taken out', $pattern));

                continue;
            }
            $sounds = array_map(
                static fn (string $word): string => ctype_alpha($word) ? Sound::of($word) : $word,
                $list,
            );
            $entries[] = new Entry(
                $kind, $means, implode(' ', $list), implode('', $sounds), $sounds[0], $sounds[count($sounds) - 1],
            );
        }
    }

    /** @return list<string> */
    private static function choices(string $pattern): array
    {
        if (preg_match('/^(.*?)\(([^()]*)\)(\?)?(.*)$/', $pattern, $found) !== 1) {
            return [trim((string) preg_replace('/\s+/', ' ', mb_strtolower($pattern)))];
        }
        $all = [];
        foreach ([...explode('|', $found[2]), ...($found[3] === '?' ? [''] : [])] as $choice) {
            $all = [...$all, ...self::choices($found[1].$choice.$found[4])];
        }

        return array_values(array_unique($all));
    }
}
