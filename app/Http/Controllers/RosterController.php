<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\BringRoster;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\RosterRequest;
use App\Http\Resources\OptionResource;
use App\Http\Resources\People\RosterLineResource;
use App\Http\Resources\People\RosterResource;
use App\Library\SpreadsheetCells;
use App\Models\Student;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;
use Pasada\Core\Roster\Roster;
use Pasada\Core\Roster\RosterChoice;
use Pasada\Core\Roster\RosterColumn;
use Pasada\Core\Roster\RosterLine;

/** Students from a spreadsheet. */
final readonly class RosterController
{
    #[
        OA\Post(
            path: '/students/list', operationId: 'bringStudents',
            summary: 'Read a list of students; kept only where every line is right and no doubt is left',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RosterRequest::class)),
            responses: [
                new Answered(200, 'The list, with every fault by line', RosterResource::class),
                new Refused(403, 'Neither instructor nor manager'), new Refused(422, 'No list'),
            ],
        ),
    ]
    public function __invoke(RosterRequest $request, SpreadsheetCells $cells, BringRoster $bring): RosterResource
    {
        $name = $request->string('name')->toString();
        $roster = Roster::of($cells->table($name, $request->content()), $request->columns(), $name,
            $request->signedIn()->school->today(Carbon::now())->toDateString());
        $known = $bring->known($request->signedIn()->school_id, $roster);
        $choices = $request->choices();
        [$faults, $open] = [$roster->faults($choices), $roster->open($known, $choices)];
        $kept = $request->boolean('keep') && $open + $faults === 0
            ? $bring->keep($request->signedIn(), $roster->wanted($choices), self::same($choices, $known), Carbon::now())
            : null;

        return new RosterResource(
            array_map(
                static fn (string $heading, RosterColumn $column): OptionResource => new OptionResource(
                    $column->value, $heading,
                ), $roster->headings, $roster->columns,
            ),
            array_map(
                static fn (RosterColumn $one): OptionResource => new OptionResource($one->value, $one->label()),
                RosterColumn::cases(),
            ),
            array_map(static fn (RosterLine $line): RosterLineResource => new RosterLineResource(
                $line->line, $line->name, $line->number, $line->className, $line->examOn,
                $line->result === null ? null : sprintf(
                    '%s on %s', $line->result->passed ? 'passed' : 'not passed', $line->result->heldOn,
                ),
                $line->faults,
                [
                    ...array_map(self::said(...), $known[$line->line] ?? []),
                    ...array_map(static fn (int $other): string => "line $other of this list", $line->alike),
                ],
                $choices[$line->line] ?? null,
            ), $roster->lines),
            $faults, $open, $kept,
        );
    }

    /**
     * @param  array<int, RosterChoice>  $choices
     * @param  array<int, list<Student>>  $known
     * @return array<int, Student>
     */
    private static function same(array $choices, array $known): array
    {
        return array_map(
            static fn (array $alike): Student => $alike[0],
            array_intersect_key($known, array_filter(
                $choices, static fn (RosterChoice $one): bool => $one === RosterChoice::TheSame,
            )),
        );
    }

    private static function said(Student $one): string
    {
        return implode(', ', array_filter([
            $one->name, $one->number === null ? '' : "number $one->number", $one->className(),
            $one->archived_at === null ? '' : 'archived',
        ], static fn (string $part): bool => $part !== ''));
    }
}
