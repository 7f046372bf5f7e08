<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\Lexicon;

/** Finds the names and statement words in a run of words: of all that overlap, those that explain most of it. */
final readonly class Spotter
{
    private const LONGEST = 6;

    /** Longer runs are only looked up as they are spelled. */
    private const LONGEST_BY_SOUND = 4;

    /** A name that shares its first and last word with nothing is not found by one of these alone. */
    private const STOPS = [
        'the', 'and', 'is', 'are', 'it', 'my', 'of', 'that', 'they', 'with', 'at', 'be', 'has', 'have', 'we', 'so',
        'or', 'them', 'this', 'these', 'those', 'our', 'your', 'for', 'as', 'but', 'then', 'uh', 'um', 'there', 'am',
        'would', 'i', 'either', 'their', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten',
        'twelve', 'fifteen', 'eighteen', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'hundred', 'second', 'seconds',
        'inch', 'inches', 'degrees', 'psi', 'percent',
    ];

    /** Words of places, behind which an article begins another name. */
    private const SIDES = [
        'side' => true, 'front' => true, 'rear' => true, 'back' => true, 'trailer' => true, 'tractor' => true,
        'truck' => true, 'cab' => true,
    ];

    private const POSSESSIVES = ['my' => true, 'our' => true, 'your' => true];

    private const PREPOSITIONS = [
        'on' => true,
        'in' => true,
        'at' => true,
        'to' => true,
        'under' => true,
        'by' => true,
        'off' => true,
        'out' => true,
        'up' => true,
        'down' => true,
    ];

    /** Words that captions get right: a run with one of them inside is a name only as it is spelled. */
    private const PLAIN = [
        'no', 'not', 'none', 'nothing', 'nobody', 'never', 'can', 'from', 'than', 'more', 'less', 'be', 'been', 'let',
        'lets', 'what', 'who', 'when', 'if', 'because', 'all', 'same', 'any', 'each', 'every', 'least', 'going', 'make',
        'sure', 'check', 'checking', 'see', 'look', 'looking', 'got', 'get', 'want', 'back', 'front', 'rear', 'left',
        'right', 'side', 'other', 'you', 'behind', 'underneath',
    ];

    private SpanReader $reader;

    public function __construct(private Lexicon $lexicon)
    {
        $this->reader = new SpanReader($lexicon);
    }

    /** @return list<Span> in order, none overlapping */
    public function spot(Words $words): array
    {
        [, $chosen] = $this->explain($words);
        $spans = [];
        $count = $words->count();
        for ($i = 0; $i < $count;) {
            if ($chosen[$i] === null) {
                $i++;

                continue;
            }
            [$long, [$parts, $fitting, $saying, $statement, $place, , $cost]] = $chosen[$i];
            $spans[] = new Span($i, $i + $long, $parts, $fitting, $saying, $statement, $place, $cost);
            $i += $long;
        }

        return $spans;
    }

    /** How much of the words is explained by names and statements, in sounds. */
    public function worth(Words $words): float
    {
        return $this->explain($words)[0][0];
    }

    /**
     * @return array{
     *    array<int, float>,
     *    array<int, array{int, array{
     *       array<string, float>, array<string, float>, array<string, float>, int|null, string|null, float, float,
     *    }}|null>,
     * } the value of the words from each on, and the length and reading of the span that begins there
     */
    private function explain(Words $words): array
    {
        $count = $words->count();
        $stops = array_fill_keys(self::STOPS, true);
        $plain = array_fill_keys(self::PLAIN, true);
        $memo = $statementWords = [];
        // Best value of the words from each place on, and the span that begins there, from the end backwards.
        $best = array_fill(0, $count + self::LONGEST + 1, 0.0);
        $chosen = array_fill(0, $count + 1, null);
        for ($i = $count - 1; $i >= 0; $i--) {
            $best[$i] = $best[$i + 1];
            $first = $words->text[$i];
            $letters = $sound = '';
            $everyday = true;
            // What begins or ends with a word like "is" is only an entry as it is spelled: "is there".
            $asSpelled = isset($stops[$first]) || isset(self::PREPOSITIONS[$first]);
            $stating = [];
            $hasFiller = false;
            for ($k = 0; $k < self::LONGEST && $i + $k < $count; $k++) {
                $word = $words->text[$i + $k];
                $filler = $k > 0 && isset(Lexicon::FILLERS[$word]) && $word !== 'a';
                // After "frame, the" comes the next of a list, and "my" begins a name of its own.
                if (
                    $k > 0 &&
                    ($words->break[$i + $k] >= Words::SENTENCE ||
                        ($filler && $words->break[$i + $k] === Words::COMMA) ||
                        // "Moving to the side the door opens" names no side door.
                        ($filler && $k === 1 && $word !== 'of' && isset(self::SIDES[$first])) ||
                        isset(self::POSSESSIVES[$word]))
                ) {
                    break;
                }
                if (! $filler) {
                    $letters .= $word;
                    $sound .= $words->sound[$i + $k];
                }
                $everyday = $everyday && isset($this->lexicon->everyday[$word]);
                // "You bolts" is the one trade word that begins with a plain one.
                $asSpelled =
                    $asSpelled ||
                    ($k > 0 && $words->break[$i + $k] === Words::COMMA) ||
                    (isset($plain[$word]) && ! ($word === 'you' && $k === 0));
                if ($filler) {
                    $hasFiller = true;

                    continue;
                }
                if ($statementWords[$word] ??= $this->lexicon->isStatementWord($word)) {
                    $stating[] = $words->sound[$i + $k];
                }
                $spelled = $asSpelled || isset($stops[$word]) || $k >= self::LONGEST_BY_SOUND;
                $key = $spelled ? '='.$letters : $k.($hasFiller ? '~' : '').$letters;
                if (! array_key_exists($key, $memo)) {
                    $memo[$key] = $this->reader->read(
                        $letters,
                        $sound,
                        $everyday,
                        $spelled,
                        $k,
                        $stating,
                        $hasFiller,
                        $words->sound[$i],
                        $k > 0 ? $words->sound[$i + $k] : $words->sound[$i],
                    );
                }
                $read = $memo[$key];
                if ($read === null) {
                    continue;
                }
                $value = $read[5] + $best[$i + $k + 1];
                if ($value > $best[$i]) {
                    $best[$i] = $value;
                    $chosen[$i] = [$k + 1, $read];
                }
            }
        }

        return [$best, $chosen];
    }
}
