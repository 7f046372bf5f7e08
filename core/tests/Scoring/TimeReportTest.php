<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Scoring\TimeReport;
use Pasada\Core\Tests\Sample;

/** @param  array<string, int>  $allowed  seconds by section id, "" for the whole walk */
function timeOf(array $allowed, Mark ...$marks): TimeReport
{
    $document = Sample::ruled(isset($allowed['']) ? ['time_allowed_seconds' => $allowed['']] : []);
    foreach (['cab', 'outside'] as $index => $section) {
        if (isset($allowed[$section])) {
            $document['sections'][$index]['time_allowed_seconds'] = $allowed[$section];
        }
    }
    $inspection = Sample::inspectionOf($document);

    return TimeReport::of($inspection, Walk::replay($inspection, MarkList::of(...$marks)));
}

it('adds up the stays of a section wherever they lie in the walk', function (array $entered, array $sections): void {
    $marks = [];
    foreach ($entered as $second => $place) {
        $marks[] = Sample::enter($second, $place);
    }

    expect(timeOf([], ...[...$marks, Sample::finish(100)])->sectionsMs)->toBe($sections);
})->with([
    'nowhere entered' => [[], []],
    'one place' => [[0 => 'cab'], ['cab' => 100000]],
    'two places of one section' => [[0 => 'engine', 40 => 'drive-wheel'], ['outside' => 100000]],
    'there and back' => [[0 => 'cab', 30 => 'engine', 50 => 'cab'], ['cab' => 80000, 'outside' => 20000]],
    'both, outside first' => [[0 => 'steer-wheel', 61 => 'cab'], ['outside' => 61000, 'cab' => 39000]],
]);

it('says what took longer than is allowed, to the second', function (array $allowed, array $breaches): void {
    expect(timeOf($allowed, Sample::enter(0, 'cab'), Sample::enter(75, 'engine'), Sample::finish(200))->breaches)->toBe(
        $breaches,
    );
})->with([
    'nothing is limited' => [[], []],
    'everything exactly in time' => [['' => 200, 'cab' => 75, 'outside' => 125], []],
    'the walk a second over' => [['' => 199], ['The walk took 3:20; 3:19 is allowed.']],
    'the cab a second over' => [['cab' => 74], ['"In the cab" took 1:15; 1:14 is allowed.']],
    'the walk and a section, the walk first' => [
        ['' => 60, 'outside' => 60],
        ['The walk took 3:20; 1:00 is allowed.', '"Outside" took 2:05; 1:00 is allowed.'],
    ],
    'sections in walking order' => [
        ['outside' => 60, 'cab' => 60],
        ['"In the cab" took 1:15; 1:00 is allowed.', '"Outside" took 2:05; 1:00 is allowed.'],
    ],
]);

it('lets not a thousandth of a second pass, and counts minutes by sixty', function (int $ms, array $breaches): void {
    $finish = Mark::finished(Sample::id(99), $ms);

    expect(timeOf(['' => 119], Sample::enter(0, 'cab'), $finish)->breaches)->toBe($breaches);
})->with([
    'to the thousandth' => [119_000, []],
    'one more' => [119_001, ['The walk took 1:59; 1:59 is allowed.']],
    'a second more' => [120_000, ['The walk took 2:00; 1:59 is allowed.']],
]);
