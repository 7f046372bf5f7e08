<?php

declare(strict_types=1);

use App\Models\Draft;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use Tests\Support\Xlsx;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->person(Role::Manager, 'Paul Averdale'));
    $this->draft = (string) $this->postJson('/api/v1/drafts', [
        'kind' => 'checklist', 'base_id' => $this->yard->checklist->id,
    ])->assertCreated()->json('id');
    $this->read = fn (string $content, array $more = [], string $name = 'list.xlsx'): TestResponse => $this->postJson(
        "/api/v1/drafts/$this->draft/list", ['name' => $name, 'content' => base64_encode($content), ...$more],
    );
});

it('reads a workbook of any layout, of a formula the value that was saved', function (): void {
    ($this->read)(Xlsx::of([
        1 => ['Sheet of a made-up state'],
        3 => ['No', 'Area', 'Component', 'Points'],
        4 => ['1', 'Engine', 'Alternator', '2'],
        5 => [['A4+1', '2'], 'Engine', ['UPPER("water pump")', 'WATER PUMP'], '1'],
    ]))
        ->assertOk()
        ->assertJsonPath('columns.2.holds', 'part')
        ->assertJsonPath('columns.2.sample', ['Alternator', 'WATER PUMP'])
        ->assertJsonPath('parts.0.line', 4)
        ->assertJsonPath('parts.1.choice', 'engine.water_pump')
        ->assertJsonPath('faults', []);
});

it('reads text in any of the usual encodings', function (string $bytes): void {
    ($this->read)($bytes, name: 'list.csv')
        ->assertOk()
        ->assertJsonPath('parts.0.choice', 'engine.alternator')
        ->assertJsonPath('parts.0.section', 'Motor, 2½ t');
})->with([
    'UTF-8' => ["Area;Part\nMotor, 2½ t;Alternator"],
    'with a mark in front' => ["\u{FEFF}Area;Part\nMotor, 2½ t;Alternator"],
    'Windows' => [mb_convert_encoding("Area;Part\nMotor, 2½ t;Alternator", 'Windows-1252', 'UTF-8')],
    'UTF-16' => ["\xFF\xFE".mb_convert_encoding("Area;Part\nMotor, 2½ t;Alternator", 'UTF-16LE', 'UTF-8')],
]);

it('does as the person says of columns and lines, and keeps nothing', function (): void {
    $before = Draft::query()->findOrFail($this->draft)->step;
    $said = ['columns' => ['part', 'nothing'], 'choices' => [1 => 'new', 2 => 'skip']];
    ($this->read)("Alternator\tWater pump\nRadiator\tFan", $said, 'list.txt')
        ->assertOk()
        ->assertJsonPath('parts.0.choice', 'new')
        ->assertJsonPath('parts.1.choice', 'skip')
        ->assertJsonPath('document.components.0.id', 'own.alternator')
        ->assertJsonCount(1, 'document.components');

    expect(Draft::query()->findOrFail($this->draft)->step)->toBe($before);
});

it('refuses what is no list, with what to do', function (string $content, string $message): void {
    ($this->read)($content)->assertUnprocessable()->assertJsonFragment(['message' => $message]);
})->with([
    'a PDF' => ['%PDF-1.7 and so on', 'is a PDF; export the list as XLSX or CSV'],
    'an old workbook' => ["\xD0\xCF\x11\xE0\xA1\xB1", 'is an old kind of workbook; save it as XLSX'],
    'another archive' => [
        fn (): string => Xlsx::archive(['letter.txt' => 'no list']),
        'is no XLSX workbook; save the list as XLSX or CSV',
    ],
    'a broken workbook' => [
        fn (): string => Xlsx::archive(['xl/workbook.xml' => '<workbook']),
        'could not be read; open it, save it as XLSX once more, and try again',
    ],
    'a picture' => ["\x89PNG\r\n\0\0\0", 'is no text and no workbook; save the list as XLSX or CSV'],
    'a formula with a fault' => [
        fn (): string => Xlsx::of([1 => ['Alternator'], 2 => [['A9', '#REF!']]]),
        'holds the fault #REF!; mend the formula',
    ],
    'nothing' => [fn (): string => Xlsx::of([]), 'holds no line with words in it'],
    '20 000 lines' => [
        str_repeat("Alternator\n", 20000), 'holds more than 2000 lines, which is more than a checklist has',
    ],
]);

it('asks for a file that is sent as it should be', function (array $body, string $field): void {
    $this->postJson("/api/v1/drafts/$this->draft/list", $body)->assertUnprocessable()->assertJsonPath(
        'errors.0.path', $field,
    );
})->with([
    'nothing' => [['name' => 'list.csv'], 'content'],
    'no base 64' => [['name' => 'list.csv', 'content' => 'ä'], 'content'],
    'no such column' => [
        ['name' => 'list.csv', 'content' => base64_encode('Alternator'), 'columns' => ['color']], 'columns.0',
    ],
]);

it('is for those who may change the draft, and for checklists', function (): void {
    $vehicle = $this->postJson('/api/v1/drafts', [
        'kind' => 'vehicle', 'base_id' => $this->yard->vehicle->id,
    ])->json('id');
    $body = ['name' => 'a', 'content' => base64_encode('Alternator')];
    $this->postJson("/api/v1/drafts/$vehicle/list", $body)->assertUnprocessable();
    $this->actingAs($this->yard->person(Role::Student, 'Mira Tallgrass'));
    $this->postJson("/api/v1/drafts/$this->draft/list", $body)->assertNotFound();
});
