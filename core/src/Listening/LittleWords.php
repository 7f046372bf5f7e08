<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

/** Words of speech rather than of things: no name begins or ends with them. */
final readonly class LittleWords
{
    /** Words before the place of a name. */
    public const OPENS = [
        'my' => true, 'the' => true, 'your' => true, 'our' => true, 'a' => true, 'an' => true, 'this' => true,
        'that' => true, 'next' => true, 'then' => true, 'and' => true, 'now' => true, 'with' => true, 'here' => true,
        'okay' => true, 'so' => true, 'is' => true, 'have' => true, 'got' => true, 'these' => true, 'those' => true,
    ];

    public const DENIES = ['no' => true, 'not' => true, 'or' => true, 'nor' => true, 'any' => true];

    private const LITTLE = [
        'about' => true, 'after' => true, 'again' => true, 'all' => true, 'also' => true, 'always' => true,
        'am' => true, 'another' => true, 'anything' => true, 'are' => true, 'around' => true, 'as' => true,
        'ask' => true, 'asks' => true, 'at' => true, 'bad' => true, 'be' => true, 'because' => true,
        'been' => true, 'before' => true, 'behind' => true, 'between' => true, 'big' => true, 'bit' => true,
        'both' => true, 'by' => true, 'call' => true, 'calls' => true, 'can' => true,
        'check' => true, 'checking' => true, 'checks' => true, 'come' => true, 'comes' => true, 'coming' => true,
        'could' => true, 'count' => true, 'counts' => true, 'did' => true, 'do' => true, 'does' => true,
        'done' => true, 'down' => true, 'each' => true, 'eight' => true, 'either' => true, 'eleven' => true,
        'end' => true, 'ends' => true, 'even' => true, 'ever' => true, 'every' => true, 'everybody' => true,
        'everything' => true, 'feel' => true, 'feels' => true, 'few' => true, 'find' => true, 'finds' => true,
        'first' => true, 'five' => true, 'for' => true, 'four' => true, 'from' => true,
        'get' => true, 'gets' => true, 'getting' => true, 'give' => true, 'gives' => true, 'go' => true,
        'goes' => true, 'going' => true, 'gone' => true, 'good' => true, 'gotta' => true, 'guys' => true,
        'had' => true, 'has' => true, 'have' => true, 'he' => true, 'hear' => true, 'hears' => true, 'her' => true,
        'here' => true, 'him' => true, 'his' => true, 'hold' => true, 'holds' => true, 'how' => true,
        'hundred' => true, 'i' => true, 'if' => true, 'in' => true, 'into' => true, 'is' => true,
        'it' => true, 'its' => true, 'just' => true, 'keep' => true, 'keeps' => true, 'kind' => true, 'know' => true,
        'knows' => true, 'least' => true, 'less' => true, 'let' => true, 'lets' => true,
        'like' => true, 'listen' => true, 'little' => true, 'long' => true, 'look' => true, 'looking' => true,
        'looks' => true, 'lot' => true, 'maam' => true, 'make' => true, 'makes' => true, 'man' => true,
        'many' => true, 'may' => true, 'me' => true, 'might' => true, 'missing' => true,
        'more' => true, 'most' => true, 'move' => true, 'moves' => true, 'much' => true, 'must' => true,
        'need' => true, 'needs' => true, 'neither' => true, 'never' => true, 'new' => true, 'nine' => true,
        'nobody' => true, 'none' => true, 'nothing' => true, 'of' => true, 'off' => true, 'oh' => true,
        'okay' => true, 'old' => true, 'on' => true, 'one' => true, 'only' => true, 'onto' => true, 'other' => true,
        'out' => true, 'over' => true, 'part' => true, 'people' => true, 'place' => true,
        'please' => true, 'pull' => true, 'push' => true, 'put' => true, 'puts' => true, 'read' => true,
        'reads' => true, 'really' => true, 'run' => true, 'runs' => true,
        'said' => true, 'same' => true, 'say' => true, 'says' => true, 'second' => true, 'see' => true,
        'seen' => true, 'sees' => true, 'set' => true, 'seven' => true, 'shall' => true, 'she' => true,
        'short' => true, 'should' => true, 'show' => true, 'shows' => true,
        'sir' => true, 'six' => true, 'small' => true, 'some' => true, 'somebody' => true, 'something' => true,
        'sorry' => true, 'start' => true, 'starting' => true, 'starts' => true, 'still' => true, 'stop' => true,
        'such' => true, 'sure' => true, 'take' => true, 'takes' => true, 'tell' => true, 'tells' => true,
        'ten' => true, 'than' => true, 'thanks' => true, 'their' => true, 'them' => true, 'there' => true,
        'they' => true, 'thing' => true, 'things' => true, 'think' => true, 'third' => true, 'three' => true,
        'through' => true, 'time' => true, 'times' => true, 'to' => true, 'today' => true, 'told' => true,
        'too' => true, 'try' => true, 'turn' => true, 'turns' => true, 'twelve' => true, 'two' => true,
        'uh' => true, 'um' => true, 'under' => true, 'until' => true, 'up' => true, 'us' => true, 'use' => true,
        'uses' => true, 'very' => true, 'want' => true, 'wants' => true, 'was' => true, 'way' => true, 'we' => true,
        'well' => true, 'what' => true, 'when' => true, 'where' => true, 'which' => true, 'while' => true,
        'who' => true, 'why' => true, 'will' => true,
        'would' => true, 'yeah' => true, 'yes' => true, 'you' => true,
    ];

    public static function has(string $word): bool
    {
        return isset(self::OPENS[$word]) || isset(self::DENIES[$word]) || isset(self::LITTLE[$word]);
    }
}
