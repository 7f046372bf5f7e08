<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Export\Exporter;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\ExportRequest;
use App\Trail\Did;
use App\Trail\Trail;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Records taken out, in open formats. */
final readonly class ExportController
{
    #[
        OA\Get(
            path: '/export', operationId: 'exportRecords',
            summary: 'Finished attempts of a student, a class, a time or all, written piece by piece',
            parameters: [
                new OA\Parameter(
                    name: 'format', in: 'query', required: true,
                    schema: new OA\Schema(type: 'string', enum: ['json', 'csv', 'xlsx', 'xapi']),
                ),
                new OA\Parameter(name: 'student', in: 'query', schema: new OA\Schema(type: 'integer')),
                new OA\Parameter(name: 'class', in: 'query', schema: new OA\Schema(type: 'integer')),
                new OA\Parameter(name: 'from', in: 'query', schema: new OA\Schema(type: 'string', format: 'date')),
                new OA\Parameter(name: 'to', in: 'query', schema: new OA\Schema(type: 'string', format: 'date')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'The file'),
                new Refused(403, 'Neither the manager nor the own records'), new Refused(422, 'Format or days'),
            ],
        ),
    ]
    public function __invoke(ExportRequest $request, Exporter $exporter, Trail $trail): StreamedResponse
    {
        [$selection, $format] = [$request->selection(), $request->exportFormat()];
        $said = $selection->said() === '' ? 'all' : $selection->said();
        $trail->keep($selection->school->id, Did::Exported, 'records', $said, null, [
            'format' => $format->value, 'attempts' => $selection->count(),
        ]);

        return new StreamedResponse(static function () use ($exporter, $selection, $format): void {
            set_time_limit(0);
            $exporter->write($selection, $format, static function (string $piece): void {
                echo $piece;
                flush();
            });
        }, 200, [
            'Content-Type' => $format->type(),
            'Content-Disposition' => sprintf(
                'attachment; filename="pasada-records-%s.%s"', $said, $format->ending(),
            ),
            'X-Accel-Buffering' => 'no',
        ]);
    }
}
