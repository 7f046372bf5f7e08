<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

use Random\Randomizer;

/** What is said besides: asides, warnings, comparisons, where a part hangs and what it is for. "%s" is a name. */
final readonly class Talk
{
    private const ASIDES = [
        'people always forget this one so slow down here', 'and do not let the examiner rush you',
        'I had a student last week who walked right past it', "yes ma'am go ahead", 'okay so let us keep going',
        'you can take your time with this', 'what do we say next anybody', 'write that down if you need to',
        'the sun is really in my eyes today', 'good question we get to that', 'say it with me everybody',
        'now you would be surprised how many miss that', 'stay with me here', 'it is not a race',
    ];

    private const WARNINGS = [
        'careful if you forgot it on the %s axle you forget it here', 'you miss the %s and that is a point gone',
        'never say broken when you mean cracked', 'if the %s was leaking we would not be driving today',
        'last week somebody said the %s was loose and it was not',
    ];

    private const COMPARISONS = [
        'it is bigger than the %s', 'same size as the %s', 'not like the %s we had', 'just like the %s it is round',
    ];

    private const WHERE = [
        'it hangs beside the %s', 'right behind the %s', 'it sits under the %s', 'it goes to the %s',
        'next to the %s', 'down there by the %s',
    ];

    /** Where it is, and that it is fastened there. */
    private const FASTENED = [
        'it is bolted to the %s', 'attached to the %s', 'is bolted on the %s', 'mounted to the %s',
        'secured to the %s', 'it is clamped to the %s', 'bolted up to the %s',
    ];

    private const PURPOSES = [
        'that holds the %s', 'it turns the %s', 'that clamps the %s down', 'it feeds the %s',
        'that keeps the %s in line', 'that hold the %s down', 'that go to the %s', 'that push on the %s',
    ];

    private const QUESTIONS = [
        'and what about the %s', 'what do you check on the %s', 'okay the %s', 'show me the %s', 'anything on the %s',
    ];

    private const RECAPS = ['so that is %s', 'again %s', 'okay so %s', 'recap %s'];

    private const OPENINGS = [
        'this is my %s', 'next my %s', 'my %s', 'here is the %s', 'then the %s', 'now the %s', 'okay %s', 'and the %s',
        'here I have my %s', 'next is the %s', 'the %s',
    ];

    private const PLACES = [
        'now the %s axle', 'okay %s axle', 'moving on to the %s axle', 'here at the %s axle',
        'next we have the %s axle',
    ];

    public function __construct(private Randomizer $chance) {}

    public function aside(): string
    {
        return $this->one(self::ASIDES);
    }

    public function warning(string $name): string
    {
        return sprintf($this->one(self::WARNINGS), $name);
    }

    public function comparison(string $name): string
    {
        return sprintf($this->one(self::COMPARISONS), $name);
    }

    public function where(string $name): string
    {
        return sprintf($this->one(self::WHERE), $name);
    }

    public function fastened(string $name): string
    {
        return sprintf($this->one(self::FASTENED), $name);
    }

    public function purpose(string $name): string
    {
        return sprintf($this->one(self::PURPOSES), $name);
    }

    public function question(string $name): string
    {
        return sprintf($this->one(self::QUESTIONS), $name);
    }

    public function recap(string $names): string
    {
        return sprintf($this->one(self::RECAPS), $names);
    }

    public function opening(string $name): string
    {
        return sprintf($this->one(self::OPENINGS), $name);
    }

    public function place(string $axle): string
    {
        return sprintf($this->one(self::PLACES), $axle);
    }

    /** @param  non-empty-list<string>  $all */
    public function one(array $all): string
    {
        return $all[$this->chance->getInt(0, count($all) - 1)];
    }
}
