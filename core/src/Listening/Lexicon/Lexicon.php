<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Lexicon;

use Pasada\Core\Language\Sound;
use Pasada\Core\Listening\Decoding\Weights;
use Pasada\Core\Vehicle\Fitment;
use Pasada\Core\Vehicle\Vehicle;

/** Names of parts, words of statements and words for places, found by spelling and by sound. */
final readonly class Lexicon
{
    /** Words that may stand inside a name without being part of it. */
    public const FILLERS = [
        'the' => true,
        'my' => true,
        'of' => true,
        'our' => true,
        'your' => true,
        'uh' => true,
        'um' => true,
        'this' => true,
        'these' => true,
        'those' => true,
        'a' => true,
        'an' => true,
    ];

    /** Names shorter than this, in sounds, are only taken as spelled or sounding the same. */
    private const SHORT = 4;

    private const MOST_IN_REST = 0.3;

    /**
     * @param  array<string, Part>  $parts
     * @param  list<Statement>  $statements
     * @param  list<Entry>  $entries
     * @param  array<string, true>  $everyday
     * @param  array<string, list<int>>  $bySpelling  entries by their letters without spaces
     * @param  array<string, list<int>>  $bySkeleton  entries by their consonants and by those less one
     */
    private function __construct(
        public array $parts, public array $statements, public array $entries, public array $everyday,
        private array $bySpelling, private array $bySkeleton,
        /** @var array<string, true> words that occur in names of parts */
        public array $known,
        public Weights $weights,
        /**
         * Parts of rarer vehicles, by id: where nobody says what vehicle it is, their names count as they are spelled,
         * and nothing that only sounds like one is taken for it.
         *
         * @var array<string, true>
         */
        private array $rare,
        /** @var array<string, true> parts that the vehicle cannot have, by id: never heard */
        private array $absent = [],
    ) {}

    /**
     * @param  array<string, Part>  $parts
     * @param  list<Statement>  $statements
     * @param  list<Entry>  $entries
     * @param  array<string, true>  $everyday
     */
    public static function of(
        array $parts, array $statements, array $entries, array $everyday, Weights $weights,
    ): self {
        $bySpelling = $bySkeleton = $rare = [];
        foreach (array_keys($parts) as $part) {
            if (! Fitment::isUsual($part)) {
                $rare[$part] = true;
            }
        }
        foreach ($entries as $number => $entry) {
            $bySpelling[self::singular(str_replace(' ', '', $entry->words))][] = $number;
            foreach (self::keys(Sound::skeleton($entry->sound)) as $key) {
                $bySkeleton[$key][] = $number;
            }
        }

        $known = [];
        foreach ($entries as $entry) {
            if (
                in_array($entry->kind, [EntryKind::Part, EntryKind::PartWhereFitting], true) &&
                ! isset($rare[$entry->means])
            ) {
                foreach (explode(' ', $entry->words) as $word) {
                    $known[$word] = $known[self::singular($word)] = true;
                }
            }
        }

        return new self($parts, $statements, $entries, $everyday, $bySpelling, $bySkeleton, $known, $weights, $rare);
    }

    /** The same for one vehicle: its own rarer parts are heard like any other, those of others not at all. */
    public function onVehicle(Vehicle $vehicle): self
    {
        $rare = [];
        foreach (array_keys($this->rare) as $part) {
            if (! Fitment::isOn($part, $vehicle)) {
                $rare[$part] = true;
            }
        }

        return new self(
            $this->parts, $this->statements, $this->entries, $this->everyday, $this->bySpelling, $this->bySkeleton,
            $this->known, $this->weights, $rare, $rare,
        );
    }

    /** Whether an entry may be meant by words that are spelled otherwise. */
    public function isHeardBySound(Entry $entry): bool
    {
        return ! isset($this->rare[$entry->means]);
    }

    /**
     * The entries that a run of words may be, with what it costs to take it so: 0 for the same words.
     *
     * @param  bool  $everyday  whether all of them are everyday words, which are rarely misheard
     * @param  bool  $asSpelled  whether sound does not count
     * @param  bool  $isRun  whether they are several words
     * @return array<int, float> by entry
     */
    public function matches(
        string $letters, string $sound, bool $everyday, bool $asSpelled = false, string $first = '', string $last = '',
        bool $isRun = false,
    ): array {
        $found = [];
        foreach ($this->bySpelling[self::singular($letters)] ?? [] as $number) {
            if (! isset($this->absent[$this->entries[$number]->means])) {
                $found[$number] = 0.0;
            }
        }
        // A run that is spelled as an entry is that entry: looking for others would only find doubles.
        if ($found !== [] || $asSpelled) {
            return $found;
        }
        $tried = $costs = [];
        foreach (self::keys(Sound::skeleton($sound)) as $key) {
            foreach ($this->bySkeleton[$key] ?? [] as $number) {
                // Several words are only a part by their sound; statements and places are told by their spelling.
                if (isset($tried[$number]) || ($isRun && $this->entries[$number]->kind !== EntryKind::Part)) {
                    continue;
                }
                $tried[$number] = true;
                $entry = $this->entries[$number];
                if (! $this->isHeardBySound($entry)) {
                    continue;
                }
                $alike = $entry->sound.' '.$entry->kind->name;
                $cost = array_key_exists($alike, $costs)
                    ? $costs[$alike]
                    : $costs[$alike] = $this->cost($entry, $sound, $everyday);
                if ($cost !== null && $this->differsInRest($this->entries[$number], $sound, $first, $last)) {
                    $cost = null;
                }
                if ($cost !== null) {
                    $found[$number] = $cost;
                }
            }
        }

        return $found;
    }

    /**
     * A word that run and entry share makes them alike without telling anything: "trailer a" is not "trailer hose".
     * What remains must be alike by itself.
     */
    private function differsInRest(Entry $entry, string $sound, string $first, string $last): bool
    {
        $other = $entry->sound;
        if ($first === $last) {
            // "Pressure" alone is not "oil pressure".
            return $entry->first !== $entry->last && ($entry->first === $first || $entry->last === $first);
        }
        if ($entry->first === $first && $other !== $first) {
            $sound = substr($sound, strlen($first));
            $other = substr($other, strlen($first));
        }
        if ($entry->last === $last && $other !== $last && str_ends_with($other, $last)) {
            $sound = substr($sound, 0, -strlen($last));
            $other = substr($other, 0, -strlen($last));
        }

        $shorter = min(strlen($sound), strlen($other));

        return $sound !== $other &&
            (2 * $shorter < max(strlen($sound), strlen($other)) ||
                Sound::distance($sound, $other, self::MOST_IN_REST) > self::MOST_IN_REST);
    }

    public function isStatementWord(string $word): bool
    {
        foreach ($this->bySpelling[self::singular($word)] ?? [] as $number) {
            if ($this->entries[$number]->kind === EntryKind::Statement) {
                return true;
            }
        }

        return false;
    }

    private function cost(Entry $entry, string $sound, bool $everyday): ?float
    {
        if (! Sound::mayBeAlike($sound, $entry->sound)) {
            return null;
        }
        $size = strlen($entry->sound);
        $longer = max($size, strlen($sound));
        $most = match (true) {
            $size < self::SHORT => 0.07,
            $size === self::SHORT => 0.12,
            $longer < 7 => 0.14,
            $longer < 10 => 0.165,
            default => 0.18,
        };
        // Words of a statement and of a place are common ones, which captions get right: only what sounds the same is
        // one.
        $most = match (true) {
            $entry->kind === EntryKind::PartSaying => 0.03,
            $entry->kind === EntryKind::Statement || $entry->kind === EntryKind::Place => $everyday ? 0.0 : 0.045,
            // A name that others share is an everyday word: misheard it could be anything.
            $entry->kind === EntryKind::PartWhereFitting => $everyday ? 0.0 : 0.06,
            // "Set" is no seat and "will" no wheel: an everyday word stands for itself.
            $everyday => $size <= self::SHORT ? 0.0 : $most * 0.55,
            default => $most,
        };
        if ($everyday && $most === 0.0) {
            return null;
        }
        $cost = Sound::distance($sound, $entry->sound, $most);

        return $cost <= $most ? $cost + ($everyday ? 0.03 : 0.005) : null;
    }

    private static function singular(string $letters): string
    {
        return strlen($letters) > 3 && str_ends_with($letters, 's')
            ? (string) preg_replace(['/(?<=ch|sh|x|ss)es$/', '/(?<!s)s$/'], '', $letters)
            : $letters;
    }

    /** @return list<string> the skeleton, and it with each one sound left out */
    private static function keys(string $skeleton): array
    {
        // Whether it is one or several is told by a last sound that captions often lose.
        $skeleton = strlen($skeleton) > 2 ? rtrim($skeleton, 's') : $skeleton;
        $length = strlen($skeleton);
        $keys = [$skeleton];
        for ($at = 0; $length > 3 && $at < $length; $at++) {
            // Leaving one out may bring two alike together, which are heard as one.
            $keys[] =
                ($skeleton[$at - 1] ?? '') === ($skeleton[$at + 1] ?? ' ')
                    ? substr($skeleton, 0, $at).substr($skeleton, $at + 2)
                    : substr($skeleton, 0, $at).substr($skeleton, $at + 1);
        }

        return array_values(array_unique($keys));
    }
}
