<?php

declare(strict_types=1);

use App\Library\InspectionLibrary;
use App\Models\StoredChecklist;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    // Serialized, as the real one on disk is.
    $this->cache = new Repository(new ArrayStore(serializesValues: true));
    $this->library = fn (string $build = '1'): InspectionLibrary => new InspectionLibrary(
        $this->cache,
        DB::connection(),
        $build,
    );
});

it('gives out a kept list that equals the one laid out', function (): void {
    $first = ($this->library)()->of($this->yard->checklist, $this->yard->vehicle);
    $second = ($this->library)()->of($this->yard->checklist, $this->yard->vehicle);

    expect($second)->toEqual($first)->and($second->items)->toEqual(Sample::inspection()->items);
});

it('does not read the documents again once a list is kept', function (): void {
    ($this->library)()->of($this->yard->checklist, $this->yard->vehicle);
    DB::enableQueryLog();
    ($this->library)()->of($this->yard->checklist, $this->yard->vehicle);

    expect(array_column(DB::getQueryLog(), 'query'))->each->toContain('select digest')->not->toContain('document');
});

it('lays out anew for another build of the code', function (): void {
    ($this->library)('1')->of($this->yard->checklist, $this->yard->vehicle);
    DB::enableQueryLog();
    ($this->library)('2')->of($this->yard->checklist, $this->yard->vehicle);

    expect(implode(' ', array_column(DB::getQueryLog(), 'query')))->toContain('select *');
});

it(
    'goes by the document and not by the row, so that a reloaded database cannot be given a stale list',
    function (): void {
        ($this->library)()->of($this->yard->checklist, $this->yard->vehicle);
        $changed = (string) json_encode(
            Sample::with(Sample::checklistDocument(), ['components', 0, 'name'], 'Safety belt'),
        );
        StoredChecklist::query()
            ->whereKey($this->yard->checklist->id)
            ->update(['document' => $changed]);

        expect(
            ($this->library)()->of($this->yard->checklist, $this->yard->vehicle)->items['cab.seat_belt']->name,
        )->toBe('Safety belt');
    },
);
