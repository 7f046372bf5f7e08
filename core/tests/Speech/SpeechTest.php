<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Coaching\Phrasebook;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWord;
use Pasada\Core\Speech\HeardWriter;
use Pasada\Core\Speech\LetterSounds;
use Pasada\Core\Speech\NgramModel;
use Pasada\Core\Speech\Pronunciations;
use Pasada\Core\Speech\SpokenForm;
use Pasada\Core\Speech\TalkSentences;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Sample;

it('writes out what is spoken', function (string $written, array $spoken): void {
    expect(SpokenForm::of($written))->toBe($spoken);
})->with([
    'figures' => ['No more than 120 psi.', [['no', 'more', 'than', 'one', 'hundred', 'twenty', 'p', 's', 'i']]],
    'fractions' => ['at least 4/32, 1/4 in.', [
        ['at', 'least', 'four', 'thirty', 'seconds'], ['one', 'quarter', 'inches'],
    ]],
    'a number with tens' => ['1095', [['one', 'thousand', 'ninety', 'five']]],
    'longer than anybody says as one' => ['12345', [['one', 'two', 'three', 'four', 'five']]],
    'clauses and apostrophes' => ["The driver's door: works; shuts", [
        ['the', "driver's", 'door'], ['works'], ['shuts'],
    ]],
    'nothing' => [' . ', []],
]);

it('holds what may be said: parts with their statements, talk beside the walk, and everyday words', function (): void {
    $coach = new Coach(
        Phrasebook::read((string) file_get_contents(dirname(__DIR__, 3).'/catalogue/points.json')),
        Aliases::read((string) file_get_contents(dirname(__DIR__, 3).'/catalogue/aliases.json')),
    );
    $talk = TalkSentences::read("# a remark\nhold on a second\n\n");
    $sentences = new TalkSentences(Ear::lexicon(), $coach, $talk);
    $model = NgramModel::of($sentences->of(Sample::inspection()));

    expect($talk)->toBe(['hold on a second'])
        ->and($model->chance('belt', ['seat']))->toBeGreaterThan(20 * $model->chance('belt'))
        ->and($model->chance('on', ['hold']))->toBeGreaterThan($model->chance('on', ['drum']))
        ->and($model->chance('mounted', ['securely']))->toBeGreaterThan(0.1)
        // What is on no list can be heard as well.
        ->and($model->vocabulary())->toContain('mountain')->toContain('kingpin')
        ->and($model->arpa())->toBe(NgramModel::of((new TalkSentences(Ear::lexicon(), $coach, $talk))
        ->of(Sample::inspection()))->arpa());
});

it('writes together what was heard letter by letter', function (): void {
    expect(SpokenForm::written('the a b s lamp at one hundred p s i'))->toBe('the abs lamp at one hundred psi')
        ->and(SpokenForm::words('ABS lamp'))->toBe(['a', 'b', 's', 'lamp']);
});

/** @return NgramModel of some sentences, and the words that can come next in it */
function talk(): NgramModel
{
    return NgramModel::of([
        [['the', 'drum', 'is', 'tight'], 1.0], [['the', 'hose', 'is', 'not', 'cracked'], 2.0], [['tight'], 0.25],
    ]);
}

it('shares one certainty among all words, after whatever was said', function (array $history): void {
    $model = talk();
    $chances = array_map(
        static fn (string $word): float => $model->chance($word, $history), [...$model->vocabulary(), NgramModel::END],
    );

    expect(array_sum($chances))->toEqualWithDelta(1.0, 1e-9)->and(min($chances))->toBeGreaterThan(0.0);
})->with([
    'nothing' => [[]], 'the beginning' => [[NgramModel::BEGIN]], 'a word' => [['is']],
    'two words' => [['the', 'hose']], 'two words that never came together' => [['drum', 'cracked']],
    'a word that it does not know' => [['jukebox']],
]);

it('holds likelier what was counted more, and shorter histories where the longer was not seen', function (): void {
    $model = talk();

    expect($model->chance('hose', ['the']))->toBeGreaterThan($model->chance('drum', ['the']))
        ->and($model->chance('cracked', ['is', 'not']))->toBeGreaterThan(0.5)
        ->and($model->chance('tight', ['cracked', 'the']))->toBe($model->chance('tight', ['the']));
});

it('is written as recognizers read it', function (): void {
    $lines = explode("\n", talk()->arpa());
    $in = static function (int $n) use ($lines): array {
        $from = array_search("\\$n-grams:", $lines, true);
        $section = array_slice($lines, $from + 1);

        return array_slice($section, 0, (int) array_search('', $section, true));
    };
    foreach ([1, 2, 3] as $n) {
        expect($lines)->toContain(sprintf('ngram %d=%d', $n, count($in($n))));
    }
    expect($lines[0])->toBe('\\data\\')->and($in(1)[0])->toStartWith("-99\t<s>\t")
        ->and(implode("\n", $in(3)))->toContain("\tis not cracked")->and(end($lines))->toBe('')
        ->and($lines)->toContain('\\end\\');
});

it('says how words sound that a dictionary knows, and those that are put together of them', function (): void {
    $said = Pronunciations::read([
        'glad G L AE D', 'hand HH AE N D', 'cross K R AO S', 'member M EH M B ER', 'latch L AE CH', 'bolt B OW L T',
        'tire T AY ER', 'tire(2) T AY R', 'grease G R IY S', '',
    ]);

    expect($said->of('tire'))->toBe(['T AY ER', 'T AY R'])
        ->and($said->of('gladhands'))->toBe(['G L AE D HH AE N D Z'])
        ->and($said->of('crossmember'))->toBe(['K R AO S M EH M B ER'])
        ->and($said->of('latches'))->toBe(['L AE CH IH Z'])->and($said->of('bolts'))->toBe(['B OW L T S'])
        ->and($said->of('bolted'))->toBe(['B OW L T IH D'])->and($said->of('greased'))->toBe(['G R IY S T'])
        ->and($said->dictionary(['tire', 'bolt', 'tire']))->toBe("bolt B OW L T\ntire T AY ER\ntire(2) T AY R\n");
});

it('spells out what no dictionary has', function (string $word, string $sound): void {
    expect(LetterSounds::of($word))->toBe($sound);
})->with([
    ['slack', 'S L AE K'], ['brake', 'B R EY K'], ['pitman', 'P IH T M AE N'], ['chock', 'CH AA K'], ['7', 'AH'],
]);

it('writes what was heard with its times', function (): void {
    $pieces = [new HeardPiece([new HeardWord('slack', 500, 900, 0.9), new HeardWord('adjuster', 900, 1500, 0.5)])];

    expect(HeardWriter::vtt($pieces))->toBe("WEBVTT\n\n00:00:00.500 --> 00:00:01.500\nslack adjuster\n")
        ->and(HeardWriter::text($pieces))->toBe("slack adjuster\n")
        ->and(HeardWriter::pieces($pieces)[0])->toMatchArray(['from_ms' => 500, 'to_ms' => 1500])
        ->and(HeardWriter::pieces($pieces)[0]['words'][1]['confidence'])->toBe(0.5);
});
