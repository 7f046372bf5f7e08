<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Damages speech the way captions do: trade words respelled or taken for an everyday word of the same metaphone, cut in
 * two or joined, fractions run together, cues cut anywhere. It knows nothing of the lexicon or of the listener's
 * sounds.
 */
final class Spoiler
{
    private const EVERYDAY =
        'a about after again air all also always any arm ask bag bar bat bear bed bell bend best big bill bit '.
        'black block boat body book born bottle bottom bow box boy brick bring broke brown build bush but buy by '.
        'call came can cap car card care cart case cat cattle chair chalk change charm cheap check cheese child '.
        'clean clear clerk climb close clutch coat coffee cold come cook cool corn cotton could count court crank '.
        'cream cross crowd cup cut dance dark day deal deck deep desk did dish dog door down draw dream dress '.
        'drink drive drop drum dry dust each ear earth east eat edge egg end even eye face fall farm fast father '.
        'feel feet fell fence few field fifth fill find fire fish fit flap flat floor flower fly fold food foot '.
        'for force fork form four frame free fresh friend front fruit full game gate gear girl give glad glass go '.
        'goat gold good grass great green ground group grow guard guess hand hang happy hard hat have head hear '.
        'heart heat heavy help her here high hill hit hold hole home hood hook hope horn horse hose hot house how '.
        'hub ice ink inn iron jaw job join jump keep key kid kill king kitchen knee knife knuckle ladder lake '.
        'lamp land large last late laugh law lead leaf leak learn leave left leg lens let letter lid life lift '.
        'light like line lining lip list little live lock log long look lose lot loud love low luck lug lunch mad '.
        'main make man map mark may meal mean meat meet men middle mile milk mill mind mine mirror miss mix moon '.
        'more most mother mountain mouth move much mud my nail name near neck need never new next night no noise '.
        'nose not note now number nut oak oil old on one open or other our out oven over own pack page paint pair '.
        'pan paper park part pass past path pay peace pen person pick picture piece pig pin pipe pit place plan '.
        'plane plant plate play please point pole pool poor pot pound power press price print pull pump push put '.
        'queen quick quiet rack rail rain ran reach read ready real red rest rich ride right ring river road rock '.
        'rod roll roof room root rope rose round row rub rule run rust sad safe sail salt same sand save saw say '.
        'scale school sea seal seat second see seed sell send set shade shaft shake shape share sharp she sheet '.
        'shell ship shirt shock shoe shop short show side sign silver sing sink sister sit skin skirt sky sleep '.
        'slow small smell smile smoke snow so soap sock soft soil some son song soon sound soup south speak spin '.
        'spoon spring stamp stand star start stay steam steel steep steer stem step stick still stone stop store '.
        'storm street strong such sugar sun sure swim table tail take tale talk tall tank tap tape tea team tear '.
        'tell ten tent test than thank the then thick thin thing think tie tight till time tip tire to toe tooth '.
        'top touch town track trade train trap tray tree trip truck true try turn two under up use valve very '.
        'view vote wait walk wall want warm wash watch water wave way we wear week well west wet what wheel when '.
        'white wide wife wild will win wind window wine wing winter wish with woman wood wool word work world '.
        'worn wrap write yard year yellow yes you';

    /** Words of speech that captions rarely get wrong. */
    private const SAFE = [
        'the', 'my', 'is', 'are', 'not', 'no', 'and', 'or', 'this', 'it', 'here', 'next', 'all', 'in', 'on', 'of', 'to',
        'at', 'an', 'a', 'I', 'any', 'bent', 'broken', 'cracked', 'missing', 'good', 'nothing', 'free', 'evenly',
        'inch', 'least', 'more', 'than', 'same', 'as', 'front', 'axle', 'thirty', 'seconds', 'one', 'two', 'three',
        'four', 'ten', 'hundred', 'quarter', 'quarters',
    ];

    /** Stops inside a sentence, in a hundred words, and sentences without one, in a hundred, where they are wrong. */
    private const INSIDE = 6;

    private const LEFT_OUT = 40;

    private readonly Randomizer $chance;

    /** @var array<string, list<string>> */
    private array $byMetaphone = [];

    /** @param  int  $percent  share of the trade words that are damaged */
    public function __construct(private readonly int $percent, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        foreach (explode(' ', self::EVERYDAY) as $word) {
            $this->byMetaphone[metaphone($word)][] = $word;
        }
    }

    public function captions(Speech $speech, Stops $stops = Stops::None): Transcript
    {
        $words = array_merge([], ...$this->sentences($speech, $stops));
        $cues = [];
        $at = 0.0;
        while ($words !== []) {
            $many = $this->chance->getInt(8, 60);
            $cues[] = new Cue($at, implode(' ', array_splice($words, 0, $many)));
            $at += $many * 0.4;
        }

        return new Transcript($cues);
    }

    /** Likewise, a caption a second for each sentence. */
    public function bySentence(Speech $speech, Stops $stops = Stops::None): Transcript
    {
        $cues = [];
        foreach ($this->sentences($speech, $stops) as $n => $words) {
            $cues[] = new Cue((float) $n, implode(' ', $words));
        }

        return new Transcript($cues);
    }

    /** @return list<list<string>> words as they are heard */
    private function sentences(Speech $speech, Stops $stops): array
    {
        $sentences = [];
        foreach ($speech->sentences as $sentence) {
            $sentence = str_replace(
                [',', 'thirty seconds'],
                ['', ['thirty seconds', '30 seconds', '32nds'][$this->chance->getInt(0, 2)]],
                $sentence,
            );
            $words = [];
            foreach (explode(' ', $sentence) as $word) {
                $words = [...$words, ...$this->heard($word)];
                if ($stops === Stops::Wrong && $this->chance->getInt(1, 100) <= self::INSIDE) {
                    $words[count($words) - 1] .= '.';
                }
            }
            $isEnded = $stops === Stops::Proper
                || ($stops === Stops::Wrong && $this->chance->getInt(1, 100) > self::LEFT_OUT);
            $words[count($words) - 1] = rtrim($words[count($words) - 1], '.').($isEnded ? '.' : '');
            $sentences[] = $words;
        }

        return $sentences;
    }

    /** @return list<string> */
    private function heard(string $word): array
    {
        if (in_array($word, self::SAFE, true) || strlen($word) < 4 || $this->chance->getInt(1, 100) > $this->percent) {
            return [$word];
        }

        return match ($this->chance->getInt(0, 3)) {
            0 => [$this->alike($word)],
            1 => $this->cut($word),
            2 => [$this->respelled($word)],
            default => explode(' ', implode(' ', array_map($this->alike(...), $this->cut($word)))),
        };
    }

    private function alike(string $word): string
    {
        $same = $this->byMetaphone[metaphone($word)] ?? [];

        return $same === [] ? $this->respelled($word) : $same[$this->chance->getInt(0, count($same) - 1)];
    }

    /** @return list<string> at a consonant in the middle, as syllables fall */
    private function cut(string $word): array
    {
        return strlen($word) > 6 &&
            preg_match('/^(.{2,}?[aeiou][^aeiou]?)([^aeiou][aeiou].{1,})$/', $word, $found) === 1
            ? [$found[1], $found[2]]
            : [$word];
    }

    private function respelled(string $word): string
    {
        $swaps = [
            ['c', 'k'], ['ea', 'ee'], ['er', 'or'], ['a', 'u'], ['e', 'i'], ['s', 'z'], ['d', 't'], ['b', 'p'],
            ['v', 'f'], ['o', 'u'], ['g', 'k'], ['n', 'm'],
        ];
        [$from, $to] = $swaps[$this->chance->getInt(0, count($swaps) - 1)];
        $at = strpos($word, $from, 1);

        return $at === false ? $word : substr_replace($word, $to, $at, strlen($from));
    }
}
