<?php

declare(strict_types=1);

use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\NumberGrammar;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;

function boundOf(string $said): Bound
{
    $words = Words::of(new Transcript([new Cue(0.0, $said)]));
    $quantities = (new NumberGrammar)->find($words);

    return Bound::around($words, $quantities[0]);
}

it('knows whether a figure was told as the least, as the most, or as it is', function (
    string $said,
    Bound $bound,
): void {
    expect(boundOf($said))->toBe($bound);
})->with([
    ['no more than one inch', Bound::AtMost],
    ['not more than ten degrees', Bound::AtMost],
    ['it should not exceed an inch', Bound::AtMost],
    ['at most four psi', Bound::AtMost],
    ['a maximum of one inch', Bound::AtMost],
    ['within 45 seconds', Bound::AtMost],
    ['up to four pounds', Bound::AtMost],
    ['it can not move over one inch', Bound::AtMost],
    ['four psi at the most', Bound::AtMost],
    ['one inch or less', Bound::AtMost],
    ['one inch tops', Bound::AtMost],
    ['at least a quarter inch', Bound::AtLeast],
    ['no less than four thirty seconds', Bound::AtLeast],
    ['not less than a quarter of an inch', Bound::AtLeast],
    ['a minimum of 55 psi', Bound::AtLeast],
    ['more than four thirty seconds', Bound::AtLeast],
    ['at or above 55 psi', Bound::AtLeast],
    ['at or before 55 psi', Bound::AtLeast],
    ['four thirty seconds or more', Bound::AtLeast],
    ['four thirty seconds or better', Bound::AtLeast],
    ['a quarter inch minimum', Bound::AtLeast],
    ['it reads 120 psi', Bound::Plain],
    ['between 20 and 45 psi', Bound::Plain],
    ['inflated to 100 psi', Bound::Plain],
    ['ten degrees of play', Bound::Plain],
]);
