<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Checklist\Figure;
use Pasada\Core\Language\Excerpt;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Decoding\Decoder;
use Pasada\Core\Listening\Decoding\Teller;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Referring\ReferenceScope;

/**
 * From the words of a walk to proposals: names and statement words are spotted, mentions are placed on the walk,
 * statements and figures bound to them, references and talk told apart.
 */
final readonly class Listener
{
    /** A stretch without a name, statement or figure that lasts so many words is talk about something else. */
    private const TALK_WORDS = 16;

    /**
     * @param  list<Figure>  $figures  what the checklist accepts
     * @param  list<string>|null  $only  ids of the components that are asked; talk about others is off the list. Null
     *   asks all
     */
    public function __construct(private Lexicon $lexicon, private array $figures, private ?array $only = null) {}

    /** The same with one reading of each piece, where a recognizer gave several. What is heard is heard in that. */
    public function understood(Transcript $transcript): Transcript
    {
        return (new Chooser(new Spotter($this->lexicon)))->choose($transcript);
    }

    /** @param  Transcript  $transcript  as understood() gives it */
    public function listen(Transcript $transcript): Account
    {
        $hearing = Hearing::of(Words::of($transcript), $this->lexicon);
        [$words, $references] = [$hearing->words, $hearing->references];
        $decoder = new Decoder($hearing->clues(), $this->lexicon->weights);
        $findings = (new Teller($decoder))->findings($decoder->best());
        $proposals = new Proposals($transcript, $words, new Sureness($this->lexicon->weights));
        [$likely, $maybe] = $proposals->gather($findings, $references);
        [$heard, $off] = $this->sorted($likely);
        $check = new FigureCheck($this->figures);

        return new Account(
            $words, $heard, $this->sorted($maybe)[0],
            (new ReferenceScope($words, $hearing->spans, $findings, $hearing->route))->of($references, $transcript),
            array_merge([], ...array_map($check->of(...), $heard)),
            [...$off, ...$this->talk($transcript, $hearing)],
            array_map(
                static fn (array $stop): array => [$transcript->cues[$words->cue[$stop[0]]]->from, $stop[1]],
                $hearing->route,
            ),
        );
    }

    /**
     * @param  list<Proposal>  $heard
     * @return array{list<Proposal>, list<array{float, float, string}>} what is asked, and the words about what is not
     */
    private function sorted(array $heard): array
    {
        if ($this->only === null) {
            return [$heard, []];
        }
        $asked = $off = [];
        foreach ($heard as $proposal) {
            if (in_array($proposal->component, $this->only, true)) {
                $asked[] = $proposal;
            } else {
                foreach ($proposal->evidence as $one) {
                    $off[] = [$one->at, $one->at, $one->text];
                }
            }
        }

        return [$asked, $off];
    }

    /** @return list<array{float, float, string}> */
    private function talk(Transcript $transcript, Hearing $hearing): array
    {
        $words = $hearing->words;
        $busy = [];
        foreach ([...$hearing->spans, ...$hearing->quantities] as $one) {
            $busy[] = [$one->from, $one->to];
        }
        foreach ($hearing->references as [$from, $to]) {
            $busy[] = [$from, $to];
        }
        $busy[] = [$words->count(), $words->count()];
        sort($busy);
        $talk = [];
        $end = 0;
        foreach ($busy as [$from, $to]) {
            if ($from - $end >= self::TALK_WORDS) {
                $last = $words->cue[$from - 1];
                $talk[] = [
                    $transcript->cues[$words->cue[$end]]->from,
                    isset($words->cue[$from])
                        ? $transcript->cues[$words->cue[$from]]->from
                        : $transcript->cues[$last]->from,
                    Excerpt::of($transcript, $words, $end, $from),
                ];
            }
            $end = max($end, $to);
        }

        return $talk;
    }
}
