<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Models\Attempt;
use App\Models\Role;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

function record(Yard $yard, Attempt $attempt, Mark ...$marks): Attempt
{
    app(RecordMarks::class)->handle($attempt, $yard->scorer, $attempt->id, [
        'marks' => array_map(MarkWriter::write(...), $marks),
    ]);

    return $attempt;
}

beforeEach(function (): void {
    Carbon::setTestNow('2026-11-24 12:00');
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
});

afterEach(fn () => Carbon::setTestNow());

it('explains a finished attempt: lessons with words, and the attempts before it', function (): void {
    record(
        $this->yard,
        $this->yard->attempt(startedAt: '2026-11-10 14:00'),
        Sample::whole(1, 'cab.seat_belt'),
        Sample::finish(2),
    );
    $attempt = record(
        $this->yard,
        $this->yard->attempt(),
        Sample::enter(0, 'engine'),
        Sample::points(1, 'engine.alternator', Point::Mounted),
        Sample::whole(2, 'engine.oil_level'),
        Sample::finish(30),
    );
    record($this->yard, $this->yard->attempt(startedAt: '2026-11-22 14:00'), Sample::finish(2));

    $this->getJson("/api/v1/attempts/{$attempt->id}/result")->assertOk()
        ->assertJsonPath('lessons.4.item', 'engine.alternator')->assertJsonPath('lessons.4.status', 'partial')
        ->assertJsonPath('lessons.4.missing', ['how driven', 'belt play'])
        ->assertJsonPath(
            'lessons.4.say',
            'Alternator: securely mounted; belt driven; no more than 3/4 in of play in the belt.',
        )
        ->assertJsonPath('visits.0.to_ms', 30_000)
        ->assertJsonCount(1, 'earlier')
        ->assertJsonPath('earlier.0.permille', 125);
});

it('shows a student their own record and nothing else', function (): void {
    $account = $this->yard->person(Role::Student, 'Mira Tallgrass');
    $own = $this->yard->student('Mira Tallgrass', $account);
    $mine = record($this->yard, $this->yard->attempt(student: $own), Sample::finish(1));
    $others = record($this->yard, $this->yard->attempt(), Sample::finish(1));
    $this->actingAs($account);

    $this->getJson("/api/v1/students/{$own->id}")
        ->assertOk()
        ->assertJsonPath('student.name', 'Mira Tallgrass')
        ->assertJsonCount(1, 'attempts');
    $this->getJson("/api/v1/attempts/{$mine->id}/result")->assertOk();
    $this->getJson("/api/v1/attempts/{$mine->id}")
        ->assertOk()
        ->assertJsonPath('may_mark', false);
    $this->getJson("/api/v1/students/{$this->yard->student->id}")
        ->assertNotFound()
        ->assertJsonPath('detail', 'There is no such student here.');
    $this->getJson("/api/v1/attempts/{$others->id}")->assertNotFound();
    $this->getJson("/api/v1/attempts/{$others->id}/result")->assertNotFound();
});

it('does not know students and attempts of another school', function (): void {
    $other = new Yard;
    $attempt = $other->attempt();
    $this->getJson("/api/v1/students/{$other->student->id}")->assertNotFound();
    $this->getJson("/api/v1/attempts/{$attempt->id}")->assertNotFound();
    $this->getJson('/api/v1/students')->assertOk()->assertJsonCount(1);
});

it('lists what a student misses most, in proportion, and not what they missed once', function (): void {
    foreach (range(1, 3) as $n) {
        $marks = [
            Sample::whole(1, 'cab.seat_belt'),
            Sample::whole(2, 'engine.alternator'),
            Sample::wave(3, 'cab.horn_air'),
        ];
        if ($n > 1) {
            $marks[] = Sample::whole(4, 'engine.oil_level');
        }
        if ($n > 2) {
            $marks[] = Sample::whole(5, 'wheel.tyre@steer');
        }
        record($this->yard, $this->yard->attempt(startedAt: "2026-11-1$n 14:00"), ...[...$marks, Sample::finish(9)]);
    }
    $missed = $this->getJson("/api/v1/students/{$this->yard->student->id}")
        ->assertOk()
        ->assertJsonPath('student.attempts', 3)
        ->json('most_missed');

    expect(array_column($missed, 'missed', 'name'))->toBe([
        'Mirror, left side' => 3,
        'Mirror, right side' => 3,
        'Tyre, drive axle' => 3,
        'Tyre, steer axle' => 2,
    ]);
});

it('lists what was said wrong, or recited over a defect, among what is missed most', function (): void {
    foreach (range(1, 2) as $n) {
        record(
            $this->yard,
            $this->yard->attempt(startedAt: "2026-11-1$n 14:00"),
            Mark::defectPlanted(Sample::id(2), 0, 'engine.oil_level', 'dry'),
            Sample::wrong(1, 'wheel.tyre@steer', Point::Depth),
            Sample::whole(3, 'engine.oil_level'),
            Sample::finish(9),
        );
    }
    $missed = $this->getJson("/api/v1/students/{$this->yard->student->id}")->json('most_missed');

    expect(array_column($missed, 'missed', 'name'))->toMatchArray(['Tyre, steer axle' => 2, 'Oil level' => 2]);
});

it('says who is due: not seen lately or with an exam near, the nearest exam first', function (): void {
    $seen = static fn (Yard $yard, string $name, string $when, ?string $exam): Attempt => record(
        $yard,
        $yard->attempt(student: tap($yard->student($name))->update(['exam_on' => $exam]), startedAt: $when),
        Sample::finish(1),
    );
    $this->yard->student->update(['exam_on' => '2026-12-20']);
    $seen($this->yard, 'Seen yesterday', '2026-11-23 10:00', null);
    $seen($this->yard, 'Exam in a week', '2026-11-23 10:00', '2026-12-01');
    $seen($this->yard, 'Three weeks away', '2026-11-02 10:00', null);
    $seen($this->yard, 'Exam is over', '2026-10-02 10:00', '2026-11-01');

    expect($this->getJson('/api/v1/today')->assertOk()->json('due.*.name'))->toBe([
        'Exam in a week',
        'Mira Tallgrass',
        'Three weeks away',
    ]);
});

it('shows the walks under way of the one who scores them, to go on with', function (): void {
    $mine = $this->yard->attempt();
    $this->yard->attempt(scorer: $this->yard->person(Role::Examiner));

    $this->getJson('/api/v1/today')
        ->assertJsonCount(1, 'under_way')
        ->assertJsonPath('under_way.0.id', $mine->id)
        ->assertJsonPath('under_way.0.permille', null);
});

it('lays out a list anew for another version of the checklist', function (): void {
    $attempt = $this->yard->attempt();
    $this->yard->checklist
        ->replicate(['digest'])
        ->fill([
            'version' => 2,
            'document' => (string) json_encode(Sample::with(Sample::checklistDocument(), ['name'], 'Second')),
        ])
        ->save();

    $this->getJson("/api/v1/attempts/{$attempt->id}")->assertOk()->assertJsonPath('inspection.checklist', 'Sample');
});

it('tells who may be meant by the names in a file, however they are written', function (): void {
    $twins = [$this->yard->student('Odell Marrowby')->id, $this->yard->student('Odell Marrowby')->id];
    $this->postJson('/api/v1/records/names', ['names' => ['TALLGRASS, Mira', 'Odell Marrowby', 'Sefa Tolumano']])
        ->assertOk()->assertExactJson([
            ['name' => 'TALLGRASS, Mira', 'students' => [$this->yard->student->id]],
            ['name' => 'Odell Marrowby', 'students' => $twins], ['name' => 'Sefa Tolumano', 'students' => []],
        ]);
    $this->postJson('/api/v1/records/names', ['names' => 'all'])->assertUnprocessable();
    $this->actingAs((new Yard)->scorer)->postJson('/api/v1/records/names', ['names' => ['Mira Tallgrass']])
        ->assertJsonCount(1, '0.students')->assertJsonMissing([$this->yard->student->id]);
    $this->actingAs($this->yard->person(Role::Student))
        ->postJson('/api/v1/records/names', ['names' => []])->assertForbidden();
});
