<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Lexicon;

/** Shows where names of different parts are the same or sound the same, so that who adds one sees what it meets. */
final readonly class LexiconCheck
{
    /** Names this close in sound cannot be told apart in captions. */
    private const ALIKE = 0.06;

    /**
     * @return list<array{name: string, part: string, meets: string, other: string, by_place: bool}> whether the place
     *   where they lie tells them apart
     */
    public static function collisions(Lexicon $lexicon): array
    {
        $found = [];
        foreach ($lexicon->entries as $entry) {
            if ($entry->kind !== EntryKind::Part) {
                continue;
            }
            foreach ($lexicon->matches('', $entry->sound, false) as $number => $cost) {
                $other = $lexicon->entries[$number];
                $pair = $entry->means.' '.$other->means;
                if (
                    $other->kind !== EntryKind::Part ||
                    $entry->means >= $other->means ||
                    $cost > self::ALIKE ||
                    isset($found[$pair])
                ) {
                    continue;
                }
                $found[$pair] = [
                    'name' => $entry->words,
                    'part' => $entry->means,
                    'meets' => $other->words,
                    'other' => $other->means,
                    'by_place' => $lexicon->parts[$entry->means]->zone !== $lexicon->parts[$other->means]->zone,
                ];
            }
        }

        return array_values($found);
    }
}
