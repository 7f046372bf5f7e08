<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Scoring\ItemChange;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetComparison;
use Pasada\Core\Tests\Sample;

/** The marks under the sample and under the sample with other components or rules. */
function comparedWith(callable $change, Mark ...$marks): SheetComparison
{
    $list = MarkList::of(...$marks);
    $document = $change(Sample::ruled([]));
    assert(is_array($document));
    $other = (new ChecklistReader)->read((string) json_encode($document));
    $after = ScoreSheet::from($other, Sample::vehicle(), null, $list);

    return SheetComparison::of(Sample::sheet([], ...$marks), $after, $list);
}

/** @return array<string, string> how each item changed */
function changesOf(SheetComparison $compared): array
{
    $told = [];
    foreach ($compared->changes as $change) {
        assert($change instanceof ItemChange);
        $told[$change->item->id] =
            ($change->before?->status->value ?? 'none').' > '.($change->after?->status->value ?? 'none');
    }

    return $told;
}

it('names no item that scores the same', function (): void {
    $compared = comparedWith(static fn (array $same): array => $same, Sample::whole(1, 'engine.oil_level'));

    expect([changesOf($compared), $compared->unknown])->toBe([[], []]);
});

it('names an item whose state changes', function (): void {
    $harder = static function (array $document): array {
        $document['rules']['credit'] = 'full';

        return $document;
    };
    $compared = comparedWith($harder, Sample::points(1, 'engine.oil_level', Point::Level));

    expect(changesOf($compared)['engine.oil_level'] ?? null)->toBe('whole > partial');
});

it('names an item that only weighs more', function (): void {
    $heavier = static function (array $document): array {
        foreach ($document['components'] as $n => $component) {
            $document['components'][$n]['weight'] = $component['id'] === 'engine.oil_level' ? 3 : 1;
        }

        return $document;
    };
    $compared = comparedWith($heavier, Sample::whole(1, 'engine.oil_level'));

    expect(array_keys(changesOf($compared)))->toBe(['engine.oil_level']);
});

it('tells which marked items are not asked there, each once, and not those that were only noted', function (): void {
    $without = static function (array $document): array {
        $document['components'] = array_values(array_filter(
            $document['components'],
            static fn (array $component): bool => $component['id'] !== 'engine.oil_level',
        ));
        foreach ($document['sections'] as $s => $section) {
            foreach ($section['stops'] as $n => $stop) {
                $document['sections'][$s]['stops'][$n]['asks'] = array_values(
                    array_diff($stop['asks'], ['engine.oil_level']),
                );
            }
        }

        return $document;
    };
    $marked = comparedWith(
        $without, Sample::whole(1, 'engine.oil_level'), Sample::points(2, 'engine.oil_level', Point::Level),
        Sample::whole(3, 'cab.seat_belt'),
    );
    $noted = comparedWith($without, Mark::note(Sample::id(1), 1000, 'spoke softly', 'engine.oil_level'));

    expect($marked->unknown)->toBe(['engine.oil_level'])
        ->and(changesOf($marked))->toBe(['engine.oil_level' => 'whole > none'])
        ->and($noted->unknown)->toBe([]);
});
